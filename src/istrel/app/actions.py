"""Everything the window can do, declared once: menus, palette, keys and tests are derived from this list."""

from __future__ import annotations

from typing import NamedTuple


class Action(NamedTuple):
    """Something the window can do.

    Attributes
    ----------
    call
        The method of the window that does it, or of one of its stations.
    needs
        "" (always possible), "study", "undo", "redo", "proof" or "kept": what must be there.
    """

    id: str
    words: str
    key: str
    call: str
    needs: str = ""


ACTIONS = (
    Action("open", "Open data or a study…", "Ctrl+O", "choose_file"),
    Action("look", "Look at data before opening…", "Ctrl+Shift+O", "choose_and_look"),
    Action("name", "Name the study…", "Ctrl+S", "name_study", "study"),
    Action("again", "Read changed files again", "", "read_again", "study"),
    Action("demo", "Explore the demo study", "", "open_demo"),
    Action("intake", "Go to Intake", "Ctrl+1", "go_intake", "study"),
    Action("codebook", "Go to the Codebook", "Ctrl+2", "go_codebook", "study"),
    Action("bench", "Go to the Bench", "Ctrl+3", "write_sentence", "study"),
    Action("manuscript", "Go to the Manuscript", "Ctrl+4", "go_manuscript", "study"),
    Action("sentence", "Write the sentence", "Ctrl+L", "write_sentence", "study"),
    Action("find", "Find a variable", "/", "find_variable", "study"),
    Action("keep", "Keep the exhibit", "Ctrl+Return", "keep_exhibit", "proof"),
    Action("copy", "Copy the exhibit", "Ctrl+Shift+C", "copy_exhibit", "proof"),
    Action("cite", "Cite the number under the pointer", "Ctrl+Shift+N", "manuscript.citing.cite_pointed", "study"),
    Action("paragraph", "Add a paragraph to the manuscript", "", "manuscript.writing.add_paragraph", "study"),
    Action("heading", "Add a heading to the manuscript", "", "manuscript.writing.add_heading", "study"),
    Action("appendix", "Add the reproducibility appendix", "", "manuscript.writing.add_appendix", "kept"),
    Action("reading", "Read the manuscript as a reviewer would", "", "manuscript.open_reading", "kept"),
    Action("style", "Copy and edit the house style", "", "manuscript.open_style", "study"),
    Action("review", "Go to the next number that moved", "", "manuscript.review.next", "kept"),
    Action("accept", "Accept every number as it is now", "", "manuscript.review.accept_all", "kept"),
    Action("print", "Print the manuscript…", "Ctrl+P", "manuscript.leaving.choose_printer", "kept"),
    Action("refresh", "Refresh a document that was edited since…", "", "manuscript.leaving.choose_document", "kept"),
    Action("folder", "Export a folder with a file for each exhibit…", "", "manuscript.leaving.choose_folder", "kept"),
    Action("export", "Export the manuscript…", "Ctrl+E", "export_manuscript", "kept"),
    Action("cases", "Show the cases", "Ctrl+D", "show_cases", "study"),
    Action("paste", "Paste cells as data", "Ctrl+V", "paste_cells"),
    Action("combine", "Join, stack or reshape data…", "", "combine", "study"),
    Action("report", "Write the intake as a report…", "", "write_report", "study"),
    Action("read", "Read the file differently", "", "read_differently", "study"),
    Action("derive", "Derive a variable", "Ctrl+Shift+D", "derive", "study"),
    Action("zoom_in", "Enlarge the proof", "Ctrl++", "zoom_in", "proof"),
    Action("zoom_out", "Reduce the proof", "Ctrl+-", "zoom_out", "proof"),
    Action("zoom_fit", "The proof as large as fits", "Ctrl+0", "zoom_fit", "proof"),
    Action("codebook_out", "Export the codebook…", "", "export_codebook", "study"),
    Action("codebook_in", "Lay a codebook file over the variables…", "", "import_codebook", "study"),
    Action("new", "Begin a new study", "", "begin_anew", "study"),
    Action("condition", "Limit the cases in use", "Ctrl+J", "set_condition", "study"),
    Action("all_cases", "All cases in use again", "", "lift_condition", "study"),
    Action("undo", "Undo", "Ctrl+Z", "undo", "undo"),
    Action("redo", "Redo", "Ctrl+Shift+Z", "redo", "redo"),
    Action("palette", "Everything Istrel can do", "Ctrl+K", "show_palette"),
    Action("keys", "All keys", "F1", "show_keys"),
    Action("quit", "Close Istrel", "Ctrl+Q", "leave"),
)
