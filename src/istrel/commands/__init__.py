"""The commands of the command line, a function each: options in, exit code out."""
