"""What leaves the manuscript: documents, a folder, a document that is refreshed, paper, the clipboard."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QFileDialog, QMenu, QWidget

from istrel.app.stations.manuscript.export import EXPORTS, clipboard_data
from istrel.app.widgets.simple import passing
from istrel.app.words import retold, tr
from istrel.problem import Problem
from istrel.render.document import Item
from istrel.study.manuscript import Entry

DOCUMENTS = "Documents (*.docx *.odt)"

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.app.stations.manuscript.pages import Pages
    from istrel.app.stations.manuscript.parts import Parts
    from istrel.render.refresh.report import Refreshed


class Leaving:
    """Writes in the background; what was written or went wrong is told in the bar of the station."""

    def __init__(
        self,
        model: StudyModel,
        parts: Parts,
        pages: Pages,
        tell: Callable[[Path, Refreshed, Path | None, bool], object],
    ) -> None:
        self._model, self._parts, self._pages, self._tell = model, parts, pages, tell

    def offer(self, under: QWidget) -> None:
        """The menu of everything that can leave, below a button."""
        menu = passing(QMenu(under))
        for ending, words in EXPORTS.items():
            menu.addAction(words, partial(self.choose_file, ending))
        menu.addAction(tr("Into a template of your own…"), self.choose_template)
        menu.addSeparator()
        menu.addAction(tr("A folder with a file for each exhibit…"), self.choose_folder)
        menu.addAction(tr("A package for an archive: data, codebook, exhibits…"), self.choose_package)
        menu.addAction(tr("Print…"), self.choose_printer)
        menu.addSeparator()
        menu.addAction(tr("Refresh a document that was edited since…"), self.choose_document)
        menu.addAction(tr("Refresh one with tracked changes…"), partial(self.choose_document, tracked=True))
        menu.popup(under.mapToGlobal(under.rect().bottomLeft()))

    def choose_file(self, ending: str = "docx") -> None:
        """Ask where to, then export."""
        self._parts.wanted.emit()
        name, _ = QFileDialog.getSaveFileName(
            self._pages, tr("Export manuscript"), f"manuscript.{ending}", f"{EXPORTS[ending]} (*.{ending})"
        )
        if name:
            self.export(Path(name) if Path(name).suffix else Path(f"{name}.{ending}"))

    def choose_template(self) -> None:
        """Ask for a document of the author's, and where to write it with the manuscript in it."""
        self._parts.wanted.emit()
        name, _ = QFileDialog.getOpenFileName(self._pages, tr("A template"), "", DOCUMENTS)
        ending = Path(name).suffix.lower()
        if not name:
            return
        out, _ = QFileDialog.getSaveFileName(
            self._pages, tr("Export manuscript"), f"manuscript{ending}", f"Documents (*{ending})"
        )
        if out:
            self.export(Path(out) if Path(out).suffix else Path(f"{out}{ending}"), Path(name))

    def export(self, path: Path, template: Path | None = None) -> None:
        """Write everything into one document, or into a template, off the window's thread."""
        from istrel.render.manuscript import write_manuscript

        study, style = self._model.study, self._model.style
        self._submit(lambda: write_manuscript(study, style, path, template), path)

    def choose_folder(self) -> None:
        """Ask for a folder, then write a file of each kind for every exhibit."""
        if name := QFileDialog.getExistingDirectory(self._pages, tr("A folder for the exhibits")):
            self.export_folder(Path(name))

    def export_folder(self, folder: Path) -> None:
        """Write the folder, off the window's thread."""
        from istrel.render.manuscript import write_folder

        study, style = self._model.study, self._model.style

        def work() -> Path:
            write_folder(study, style, folder)
            return folder

        self._submit(work, folder)

    def choose_package(self) -> None:
        """Ask for the name of an archive, then deposit the study in it."""
        self._parts.wanted.emit()
        name, _ = QFileDialog.getSaveFileName(
            self._pages, tr("A package for an archive"), "package.zip", "Archives (*.zip)"
        )
        if name:
            self.deposit(Path(name) if Path(name).suffix else Path(f"{name}.zip"))

    def deposit(self, path: Path) -> None:
        """Write the package, off the window's thread; data stay out of it where exhibits hide small counts."""
        from istrel.render.deposit import deposit, write_deposit

        study, style = self._model.study, self._model.style

        def work() -> Path:
            write_deposit(deposit(study, style), path, study.files)
            return path

        self._submit(work, path)

    def choose_printer(self) -> None:
        """Ask for a printer, then print the pages."""
        from PySide6.QtPrintSupport import QPrintDialog, QPrinter

        from istrel.app.stations.manuscript.pages import print_pages

        self._parts.wanted.emit()
        printer = QPrinter(QPrinter.PrinterMode.HighResolution)
        if QPrintDialog(printer, self._pages).exec():
            print_pages(self._pages, printer)
            self._parts.said.emit(tr("printed"))

    def choose_document(self, *, tracked: bool = False) -> None:
        """Ask for a document that was exported from here and edited since."""
        name, _ = QFileDialog.getOpenFileName(self._pages, tr("Refresh a document"), "", DOCUMENTS)
        if name:
            self.refresh(Path(name), tracked=tracked)

    def refresh(self, path: Path, *, tracked: bool = False, again: bool = False) -> None:
        """Exchange the numbers that moved in a document, in place; a copy is kept.

        Parameters
        ----------
        tracked, again
            As tracked changes; also what somebody edited by hand.
        """
        from istrel.render.refresh import refresh, write_refreshed

        study, style = self._model.study, self._model.style

        def work() -> tuple[Refreshed, Path | None]:
            made = refresh(path, study, style, tracked=tracked, again=again)
            return made, write_refreshed(path, made, study)[1]

        def told(found: tuple[Refreshed, Path | None]) -> None:
            self._tell(path, *found, tracked)
            self._exported(path)

        self._model.background.submit("export", work, told, self._failed, words=tr("refreshing {name}", name=path.name))

    def _submit(self, work: Callable[[], Path], path: Path) -> None:
        self._model.background.submit(
            "export", work, self._exported, self._failed, words=tr("writing {name}", name=path.name)
        )

    def _exported(self, path: Path) -> None:
        self._parts.said.emit(tr("{name} written", name=path.name))
        self._parts.exported.emit(str(path))

    def _failed(self, problem: Problem) -> None:
        self._parts.failed.emit(retold(problem.message))

    def copy(self) -> None:
        """The chosen exhibit to the clipboard: HTML and tab-separated text of a table, a picture of a figure."""
        leaf = self._parts.leaf(self._parts.chosen)
        if leaf is None or not isinstance(leaf.now, Entry) or leaf.now.exhibit is None:
            self._parts.said.emit(tr("choose a table or a figure to copy"))
            return
        item = Item(leaf.now.exhibit, leaf.now.number)
        QGuiApplication.clipboard().setMimeData(clipboard_data(item, self._model.style))
        self._parts.said.emit(tr("{label} copied", label=leaf.now.label))
