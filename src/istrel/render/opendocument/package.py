"""OpenDocument packages: parts in an archive that is the same each time, and the small change of their XML."""

from __future__ import annotations

import io
import zipfile
from xml.sax.saxutils import escape, quoteattr

from istrel.exhibits.printing import printable
from istrel.version import VERSION

NAMES = {
    "office": "urn:oasis:names:tc:opendocument:xmlns:office:1.0",
    "style": "urn:oasis:names:tc:opendocument:xmlns:style:1.0",
    "text": "urn:oasis:names:tc:opendocument:xmlns:text:1.0",
    "table": "urn:oasis:names:tc:opendocument:xmlns:table:1.0",
    "draw": "urn:oasis:names:tc:opendocument:xmlns:drawing:1.0",
    "fo": "urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0",
    "svg": "urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0",
    "xlink": "http://www.w3.org/1999/xlink",
    "dc": "http://purl.org/dc/elements/1.1/",
    "meta": "urn:oasis:names:tc:opendocument:xmlns:meta:1.0",
    "number": "urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0",
}
SPACES = " ".join(f'xmlns:{name}="{uri}"' for name, uri in NAMES.items()) + ' office:version="1.3"'
STAMP = (2000, 1, 1, 0, 0, 0)
DECLARED = '<?xml version="1.0" encoding="UTF-8"?>\n'


def qualified(name: str) -> str:
    """A name with its namespace, as trees have it."""
    space, _, local = name.partition(":")
    return f"{{{NAMES[space]}}}{local}"


def letters(text: str) -> str:
    """Text as XML: several spaces, tabs and line breaks as this format has them, characters that it cannot hold left out."""
    escaped = escape(printable(text)).replace("\t", "<text:tab/>").replace("\n", "<text:line-break/>")
    return escaped.replace("  ", " <text:s/>")


def quoted(text: str) -> str:
    """Text as the value of an attribute, with its quotes."""
    return quoteattr(printable(text))


def part(root: str, inner: str) -> bytes:
    """A part with its root element."""
    return f"{DECLARED}<office:{root} {SPACES}>{inner}</office:{root}>".encode()


def meta(title: str, said: dict[str, str] | None = None) -> bytes:
    """The part that says what the document is."""
    own = "".join(
        f"<meta:user-defined meta:name={quoted(name)}>{escape(value)}</meta:user-defined>"
        for name, value in (said or {}).items()
    )
    generator = f"<meta:generator>Istrel/{VERSION}</meta:generator>"
    return part(
        "document-meta", f"<office:meta>{generator}<dc:title>{escape(printable(title))}</dc:title>{own}</office:meta>"
    )


def packed(kind: str, parts: dict[str, bytes]) -> bytes:
    """The archive; `kind` is its media type, which stands first and is not compressed."""
    types = {"xml": "text/xml", "png": "image/png", "svg": "image/svg+xml"}
    entries = [f'<manifest:file-entry manifest:full-path="/" manifest:version="1.3" manifest:media-type="{kind}"/>']
    for name in parts:
        media = types[name.rpartition(".")[2]]
        entries.append(f'<manifest:file-entry manifest:full-path="{name}" manifest:media-type="{media}"/>')
    spaces = 'xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.3"'
    manifest = f"{DECLARED}<manifest:manifest {spaces}>{''.join(entries)}</manifest:manifest>"
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr(zipfile.ZipInfo("mimetype", STAMP), kind, zipfile.ZIP_STORED)
        for name, content in {**parts, "META-INF/manifest.xml": manifest.encode()}.items():
            archive.writestr(zipfile.ZipInfo(name, STAMP), content, zipfile.ZIP_DEFLATED)
    return out.getvalue()
