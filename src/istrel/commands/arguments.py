"""The options of the command line; mistakes in them are one plain line."""

from __future__ import annotations

import argparse
from typing import NoReturn

from istrel.problem import Problem
from istrel.version import VERSION

USAGE = """istrel [FILE] [--demo]
       istrel make SOURCE "SENTENCE" ... -o OUT [--to FORMAT] [options]
       istrel look SOURCE [-o OUT] [--to FORMAT] [options]
       istrel codebook SOURCE -o OUT [options]
       istrel keep SOURCE "SENTENCE" ... -o STUDY [options]
       istrel build STUDY -o FOLDER|FILE [--check] [options]
       istrel accept STUDY [NUMBER ...]
       istrel refresh DOCUMENT STUDY [-o OUT] [--tracked] [--again]
       istrel review STUDY|PAPER [--to json]
       istrel explain SOURCE "SENTENCE" --cell ROW COLUMN [--to json] [options]
       istrel package STUDY -o FOLDER|FILE.zip [--data csv|parquet|none]
       istrel study STUDY -o FILE.json | --to json
       istrel doctor
"""


def joined(words: list[str]) -> list[str]:
    """`--missing "-9,99"` as one word: the parser would take "-9,99" for an option."""
    made: list[str] = []
    for word in words:
        if made and made[-1] == "--missing":
            made[-1] = f"--missing={word}"
        else:
            made.append(word)
    return made


class Parser(argparse.ArgumentParser):
    """Mistakes in options as one plain line."""

    def error(self, message: str) -> NoReturn:
        raise Problem(f"{message[0].lower()}{message[1:]} (see {self.prog} --help)")


def window_parser() -> Parser:
    parser = Parser(prog="istrel", usage=USAGE, description="Descriptive tables and figures, said in one sentence.")
    parser.add_argument("file", nargs="?", help="a data file or a study to open")
    parser.add_argument("--demo", action="store_true", help="open the demo study")
    parser.add_argument("--version", action="version", version=f"istrel {VERSION}")
    return parser


def make_parser() -> Parser:
    parser = Parser(prog="istrel make", description="Make exhibits from a data file.")
    parser.add_argument("source", help="a data file or a study")
    parser.add_argument("sentences", nargs="+", metavar="SENTENCE", help='e.g. "describe age across site as table"')
    parser.add_argument(
        "-o",
        dest="out",
        action="append",
        help="a file to write; its ending chooses the output; - writes to standard output; may be given several times",
    )
    parser.add_argument("--to", default=None, help="the format on standard output: json, md, csv or html")
    parser.add_argument("--style", default="apa7", help="a house style's name or file")
    parser.add_argument("--dpi", type=int, default=None, help="dots per inch of .png and .tif; the style's by default")
    _add_reading(parser)
    return parser


def look_parser() -> Parser:
    parser = Parser(prog="istrel look", description="What is in a data file, and what looks wrong with it.")
    parser.add_argument("source", help="a data file or a study")
    parser.add_argument("-o", dest="out", default=None, help="the file to write: .html, .odt, .json or .txt")
    parser.add_argument("--to", default=None, help="the format on standard output: json, html or txt")
    _add_reading(parser)
    return parser


def codebook_parser() -> Parser:
    parser = Parser(
        prog="istrel codebook",
        description="The codebook of a data file: as CSV, in an open standard, or as an appendix.",
    )
    parser.add_argument("source", help="a data file or a study")
    parser.add_argument(
        "-o",
        dest="out",
        default=None,
        help="the file to write: .csv, datapackage.json, FILE.csv-metadata.json, .xml (DDI), .docx, .odt or .html; "
        "nothing writes CSV to standard output",
    )
    _add_reading(parser)
    return parser


def keep_parser() -> Parser:
    parser = Parser(prog="istrel keep", description="Keep exhibits in a study; it is made where there is none.")
    parser.add_argument("source", help="a data file or a study")
    parser.add_argument("sentences", nargs="+", metavar="SENTENCE", help='e.g. "describe age across site"')
    parser.add_argument("-o", dest="out", required=True, help="the study; its name ends in .istrel")
    _add_reading(parser)
    return parser


def build_parser() -> Parser:
    parser = Parser(
        prog="istrel build", description="Make every kept exhibit of a study from the files as they are now."
    )
    parser.add_argument("study", help="a study")
    parser.add_argument(
        "-o",
        dest="out",
        action="append",
        default=[],
        help="a folder, or one document by its ending; several in one run",
    )
    parser.add_argument(
        "--check",
        action="store_true",
        help="say which numbers moved and what is no longer true; exit code 1 if anything did",
    )
    parser.add_argument(
        "--template",
        metavar="FILE",
        default="",
        help="a .docx or .odt of yours into which documents of that kind are poured, by its named styles",
    )
    parser.add_argument(
        "--reword",
        action="store_true",
        help="say sentences that no longer hold anew, as the exhibits say them now; the study stays as it is",
    )
    parser.add_argument("--to", choices=["json"], default=None, help="the moved numbers as JSON")
    parser.add_argument("--style", default="", help="a house style's name or file; the study's by default")
    parser.add_argument("--dpi", type=int, default=None, help="dots per inch of pictures; the style's by default")
    return parser


def accept_parser() -> Parser:
    parser = Parser(prog="istrel accept", description="Accept the numbers of a study as they are now.")
    parser.add_argument("study", help="a study")
    parser.add_argument(
        "numbers", nargs="*", type=int, metavar="NUMBER", help="places of exhibits, from 1; all by default"
    )
    return parser


def review_parser() -> Parser:
    parser = Parser(prog="istrel review", description="What a careful reviewer would write about a manuscript.")
    parser.add_argument(
        "study", metavar="STUDY|PAPER", help="a study, or a paper (.docx, .odt, .md, .txt) whose results are checked"
    )
    parser.add_argument("--to", choices=["json"], default=None, help="the points as JSON")
    parser.add_argument("--style", default="", help="a house style's name or file; the study's by default")
    return parser


def refresh_parser() -> Parser:
    parser = Parser(
        prog="istrel refresh", description="Exchange what Istrel put into a document that was edited since."
    )
    parser.add_argument("document", help="a .docx or .odt that was exported from the study")
    parser.add_argument("study", help="the study")
    parser.add_argument(
        "-o", dest="out", default=None, help="a new file; without it the document itself, a copy is kept"
    )
    parser.add_argument("--tracked", action="store_true", help="as tracked changes")
    parser.add_argument("--again", action="store_true", help="exchange also what was edited by hand (.docx)")
    parser.add_argument("--to", choices=["json"], default=None, help="what moved as JSON")
    parser.add_argument("--style", default="", help="a house style's name or file; the study's by default")
    return parser


def explain_parser() -> Parser:
    parser = Parser(
        prog="istrel explain", description="One number of an exhibit, opened: how it comes about, step by step."
    )
    parser.add_argument("source", help="a data file or a study")
    parser.add_argument("sentence", metavar="SENTENCE", help='e.g. "describe age across site"')
    parser.add_argument(
        "--cell",
        nargs=2,
        required=True,
        metavar=("ROW", "COLUMN"),
        help="what its stub and head print, or the keys of “cells” in the exchange form",
    )
    parser.add_argument("--to", choices=["json"], default=None, help="as an object for programs")
    parser.add_argument("--style", default="apa7", help="a house style's name or file")
    _add_reading(parser)
    return parser


def doctor_parser() -> Parser:
    return Parser(prog="istrel doctor", description="What Istrel needs, what of it is here, and how to get the rest.")


def package_parser() -> Parser:
    parser = Parser(
        prog="istrel package",
        description="A study as an archive takes it: data, codebook, exhibits, numbers, a README.",
    )
    parser.add_argument("study", help="a study")
    parser.add_argument("-o", dest="out", required=True, help="a new folder, or a file that ends in .zip")
    parser.add_argument(
        "--data",
        choices=["csv", "parquet", "none"],
        default=None,
        help="how the data are written; they are left out where exhibits hide small counts, unless this is said",
    )
    parser.add_argument("--style", default="", help="a house style's name or file; the study's by default")
    return parser


def study_parser() -> Parser:
    parser = Parser(prog="istrel study", description="A study as text without its data, or such a text as a study.")
    parser.add_argument("study", help="a study, or its text (.json)")
    parser.add_argument("-o", dest="out", default=None, help="the .json file, or the study that is made from one")
    parser.add_argument("--to", choices=["json"], default=None, help="to standard output")
    return parser


def _add_reading(parser: Parser) -> None:
    """How the source is read: the same options for every command."""
    parser.add_argument(
        "--codebook", default="", help="a codebook: CSV, a workbook, a Data Package, CSV on the Web, or DDI (.xml)"
    )
    parser.add_argument("--delimiter", help="what separates the fields; \\t for a tab")
    parser.add_argument("--decimal", choices=[".", ","], help="the decimal mark")
    parser.add_argument("--encoding", help="for example utf-8 or cp1252")
    parser.add_argument("--header-row", type=int, help="the row that holds the names, from 1; 0 for none")
    parser.add_argument("--sheet", help="the sheet of a workbook, the table of a database, the file in an archive")
    parser.add_argument(
        "--dates", choices=["day-first", "month-first"], help="how dates are read that can be read both ways"
    )
    parser.add_argument("--missing", default="", help='missing codes for all variables, e.g. "-9,99"')
    parser.add_argument(
        "--person", default="", help="the variable that says whose row it is, where persons have several"
    )
    parser.add_argument("--occasion", default="", help="the variable that tells the rows of a person apart")
    parser.add_argument("--counted", default="", help="the variable that says how many cases a row stands for")
    parser.add_argument("--weighted", default="", help="the variable that weighs the rows of a sample")
    parser.add_argument("--strata", default="", help="the strata of a weighted sample")
    parser.add_argument("--clusters", default="", help="the clusters that were drawn first in each stratum")
