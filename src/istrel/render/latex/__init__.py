"""LaTeX documents: booktabs tables with siunitx columns, figures drawn in the document's own letters, live references."""

from __future__ import annotations

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import Runs, kept_together, print_notes, print_table, print_text, print_title
from istrel.exhibits.table import TableSheet
from istrel.render.document import Block, Document, Item
from istrel.render.latex.drawing import drawing
from istrel.render.latex.letters import escaped
from istrel.render.latex.scripts import preamble
from istrel.render.latex.tables import tabular
from istrel.render.word.tables import laid_out
from istrel.study.prose import REFERENCE
from istrel.style.house import HouseStyle

PAGE = "\\clearpage\n"
PREAMBLE = r"""\documentclass[%(size)spt,%(paper)s]{article}
\usepackage[top=%(margin)smm,bottom=%(margin)smm,left=%(side).1fmm,right=%(side).1fmm]{geometry}
\usepackage{iftex}
\ifPDFTeX
  \usepackage[utf8]{inputenc}
  \usepackage[T1]{fontenc}
  \usepackage{textcomp}
  \usepackage{lmodern}
\else
  \usepackage{fontspec}
\fi
\usepackage[%(language)s,provide=*]{babel}
\usepackage{amssymb,booktabs,longtable,array,pdflscape,siunitx,tikz,caption}
\usepackage[hidelinks]{hyperref}
\sisetup{input-decimal-markers={.},output-decimal-marker={%(mark)s},group-digits=none,table-align-text-after=false}
\captionsetup{labelformat=empty,justification=raggedright,singlelinecheck=false,skip=4pt}
\setlength{\LTleft}{0pt}
\setlength{\LTpre}{0pt}
\setlength{\LTpost}{0pt}
\setlength{\tabcolsep}{4pt}
\setlength{\parindent}{0pt}
\setlength{\emergencystretch}{3em}
\setlength{\parskip}{7pt plus 2pt}
\newcommand{\exhibitlabel}[2]{\par\bigskip\phantomsection\label{#1}%(label)s{#2}\par\nopagebreak}
\newcommand{\exhibittitle}[1]{%(title)s{#1}\par\nopagebreak}
\newcommand{\exhibitnote}[1]{\par\nopagebreak{\footnotesize #1\par}}
\newcommand{\seeexhibit}[2]{\hyperref[#1]{#2}}
"""
LANGUAGES = {"en": "english", "de": "german", "fr": "french", "es": "spanish"}


DECIMAL_MARKS = {".": ".", ",": "{,}", "·": "{\\cdot}"}


def render(document: Document) -> bytes:
    """The .tex file, which compiles as it is with pdfLaTeX, LuaLaTeX or XeLaTeX. UTF-8."""
    style = document.style
    head = PREAMBLE % {
        "size": max(10, min(12, round(style.fonts.text_pt))),
        "paper": "a4paper" if style.page.size == "A4" else "letterpaper",
        "margin": style.page.margin_mm,
        "side": style.side_mm,
        "mark": DECIMAL_MARKS[style.numbers.decimal_mark],
        "label": r"\textbf" if style.table.label_bold else r"\textnormal",
        "title": r"\textit" if style.table.title_italic else r"\textnormal",
        "language": LANGUAGES[style.language],
    }
    parts, heading = [], ""
    for part in document.parts:
        if isinstance(part, Block):
            made = _block(part, style)
            if part.level:
                heading += made
            else:
                parts += [heading, made]
                heading = ""
        else:
            parts.append(_item(part, style, heading))  # a heading stands on the page of what it heads
            heading = ""
    body = f"\\title{{{escaped(document.title or 'Tables and figures')}}}\n\\begin{{document}}\n" + "\n".join(
        [*parts, heading]
    )
    return f"{head}{preamble(body)}{body}\n\\end{{document}}\n".encode()


def _block(block: Block, style: HouseStyle) -> str:
    inner = runs(print_text(block.text, style))
    if not block.level:
        return f"{inner}\n"
    page = PAGE if block.new_page else ""
    return f"{page}\\{'section' if block.level == 1 else 'subsection'}*{{{inner}}}\n"


def _item(item: Item, style: HouseStyle, before: str) -> str:
    sheet = item.exhibit.sheet
    label = item.id or f"{'figure' if item.exhibit.is_figure else 'table'}-{item.number}"
    head = f"\\exhibitlabel{{{label}}}{{{escaped(item.label(style))}}}\n"
    head += f"\\exhibittitle{{{escaped(print_title(sheet, style))}}}\n"
    notes = "".join(f"\\exhibitnote{{{runs(note)}}}\n" for note in print_notes(sheet.notes, style))
    texts = "".join(f"\n{runs(print_text(text, style))}\n" for text in item.texts)
    if isinstance(sheet, TableSheet):
        table = print_table(sheet, style, item.number)
        layout = laid_out(table, style)
        body = "\\medskip\n".join(tabular(table, panel, style) for panel in layout.panels)
        made = f"{head}{{\\small\n{body}}}{notes}"
        if layout.turned:
            return f"\\begin{{landscape}}\n{before.replace(PAGE, '')}{made}\\end{{landscape}}\n{texts}"
        return before + made + texts
    held = f"{head}\\smallskip\n{_figure(sheet, style)}{notes}"
    return f"{before}\\begin{{minipage}}{{\\linewidth}}\n{held}\\end{{minipage}}\n{texts}"


def _figure(sheet: FigureSheet, style: HouseStyle) -> str:
    from istrel.render.scene import make_scene

    return drawing(make_scene(sheet, style))


def runs(text: Runs) -> str:
    """Runs as LaTeX: slanted ones in italics, references live."""
    made = []
    for run in kept_together(text):
        inner = escaped(run.text)
        if run.mark.startswith(REFERENCE):
            inner = f"\\seeexhibit{{{run.mark.split(chr(9), 1)[1]}}}{{{inner}}}"
        made.append(f"\\textit{{{inner}}}" if run.italic and inner.strip() else inner)
    return "".join(made)
