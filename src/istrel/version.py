"""The version of Istrel."""

VERSION = "0.1.0"
