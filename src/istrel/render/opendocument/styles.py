"""The styles of an OpenDocument text in a house style: paragraphs, cells, columns, pages."""

from __future__ import annotations

from dataclasses import dataclass, field

from istrel.render.opendocument.package import part, quoted
from istrel.render.scripts import region
from istrel.style.house import HouseStyle

UPRIGHT, TURNED = "Standard", "Turned"
HEADING_PT = 4.0


def styles_part(style: HouseStyle) -> bytes:
    """Named paragraph styles, which an author may restyle, and the two kinds of page."""
    fonts, table = style.fonts, style.table
    language, _, country = region(style.language).partition("-")
    weight, slant = ("bold" if table.label_bold else "normal"), ("italic" if table.title_italic else "normal")
    face = f"style:font-name={quoted(fonts.document)} fo:font-family={quoted(fonts.document)}"
    named = [
        f'<style:style style:name="Standard" style:family="paragraph" style:class="text">'
        f'<style:paragraph-properties fo:margin-bottom="8pt" fo:line-height="115%" fo:widows="2" fo:orphans="2"/>'
        f'<style:text-properties {face} fo:font-size="{fonts.text_pt}pt" fo:language="{language}" fo:country="{country}"/>'
        "</style:style>",
        _named(
            "Table_20_label", "Table label", f'fo:font-weight="{weight}"', table_pt := fonts.table_pt, 18, 4, keep=True
        ),
        _named("Table_20_title", "Table title", f'fo:font-style="{slant}"', table_pt, 0, 6, keep=True),
        _named("Table_20_text", "Table text", "", table_pt, 2.5, 2.5),
        _named("Table_20_note", "Table note", "", table_pt - 1, 4, 0),
    ]
    for level in (1, 2):
        named.append(
            f'<style:style style:name="Heading_20_{level}" style:display-name="Heading {level}" style:family="paragraph" '
            f'style:parent-style-name="Standard" style:default-outline-level="{level}" style:class="text">'
            f'<style:paragraph-properties fo:margin-top="16pt" fo:margin-bottom="8pt" fo:keep-with-next="always"/>'
            f'<style:text-properties fo:font-weight="bold" fo:font-size="{fonts.text_pt + HEADING_PT / level}pt"/></style:style>'
        )
    named.append(
        '<style:style style:name="Italic" style:family="text"><style:text-properties fo:font-style="italic"/></style:style>'
        '<style:style style:name="Footer" style:family="paragraph" style:parent-style-name="Standard">'
        '<style:paragraph-properties fo:text-align="center"/></style:style>'
    )
    page = style.page
    layouts = _layout("Upright", page.width_mm, page.height_mm, page.margin_mm, style.side_mm, "portrait")
    layouts += _layout("Lying", page.height_mm, page.width_mm, page.margin_mm, page.margin_mm, "landscape")
    foot = (
        '<style:footer><text:p text:style-name="Footer"><text:page-number>1</text:page-number></text:p></style:footer>'
    )
    masters = "".join(
        f'<style:master-page style:name="{name}" style:page-layout-name="{layout}">{foot}</style:master-page>'
        for name, layout in ((UPRIGHT, "Upright"), (TURNED, "Lying"))
    )
    inner = (
        f"<office:font-face-decls>{_face(fonts.document)}</office:font-face-decls>"
        f"<office:styles>{''.join(named)}</office:styles>"
        f"<office:automatic-styles>{layouts}</office:automatic-styles>"
        f"<office:master-styles>{masters}</office:master-styles>"
    )
    return part("document-styles", inner)


def _face(font: str) -> str:
    return f"<style:font-face style:name={quoted(font)} svg:font-family={quoted(font)}/>"


def _named(name: str, shown: str, letters: str, size: float, above: float, below: float, *, keep: bool = False) -> str:
    held = ' fo:keep-with-next="always"' if keep else ""
    return (
        f'<style:style style:name="{name}" style:display-name="{shown}" style:family="paragraph" '
        f'style:parent-style-name="Standard"><style:paragraph-properties fo:margin-top="{above}pt" '
        f'fo:margin-bottom="{below}pt" fo:line-height="100%"{held}/>'
        f'<style:text-properties fo:font-size="{size}pt" {letters}/></style:style>'
    )


def _layout(name: str, width: float, height: float, margin: float, side: float, way: str) -> str:
    return (
        f'<style:page-layout style:name="{name}"><style:page-layout-properties fo:page-width="{width}mm" '
        f'fo:page-height="{height}mm" style:print-orientation="{way}" fo:margin-top="{margin}mm" '
        f'fo:margin-bottom="{margin / 2}mm" fo:margin-left="{side}mm" fo:margin-right="{side}mm"/>'
        f'<style:footer-style><style:header-footer-properties fo:min-height="{margin / 2}mm" fo:margin-top="4mm"/>'
        f"</style:footer-style></style:page-layout>"
    )


@dataclass
class Automatic:
    """Styles made on the way, each once: `name` gives the name of one, `xml` is all of them."""

    _made: dict[str, str] = field(default_factory=dict)

    def name(self, family: str, inner: str, *, parent: str = "", master: str = "") -> str:
        """The name of the style with these properties."""
        under = f' style:parent-style-name="{parent}"' if parent else ""
        on = f' style:master-page-name="{master}"' if master else ""
        key = f'style:family="{family}"{under}{on}>{inner}</style:style>'
        return self._made.setdefault(key, f"A{len(self._made) + 1}")

    def rightward(self, name: str) -> str:
        """The style of a paragraph like one of this style that reads from right to left and stands where that does."""
        key = next((key for key, one in self._made.items() if one == name), "")
        side = "" if "fo:text-align" in key else ' fo:text-align="left"'
        shape = f'<style:paragraph-properties style:writing-mode="rl-tb"{side}'
        if not key:
            return self.name("paragraph", f"{shape}/>", parent=name)
        plain, key = "<style:paragraph-properties", key.replace("fo:margin-left", "fo:margin-right")
        turned = key.replace(plain, shape, 1) if plain in key else key.replace(">", f">{shape}/>", 1)
        return self._made.setdefault(turned, f"A{len(self._made) + 1}")

    @property
    def xml(self) -> str:
        return "".join(f'<style:style style:name="{name}" {key}' for key, name in self._made.items())
