"""Files of spreadsheets, as small as they can be."""

import io
import zipfile
from collections.abc import Sequence
from html import escape

Rows = Sequence[Sequence[str]]

_SHEET = "http://schemas.openxmlformats.org/spreadsheetml/2006/main"
_RELATION = "http://schemas.openxmlformats.org/officeDocument/2006/relationships"
_PACKAGE = "http://schemas.openxmlformats.org/package/2006"


def packed(parts: dict[str, str | bytes]) -> bytes:
    """A zip of these parts."""
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as made:
        for name, content in parts.items():
            made.writestr(name, content)
    return out.getvalue()


def xlsx(sheets: dict[str, Rows], merged: str = "") -> bytes:
    """A workbook of text cells; one that begins with "=" is a formula whose value is what stands behind it."""
    named = "".join(
        f'<sheet name="{escape(name)}" sheetId="{place}" r:id="r{place}"/>' for place, name in enumerate(sheets, 1)
    )
    related = "".join(
        f'<Relationship Id="r{place}" Type="{_RELATION}/worksheet" Target="worksheets/sheet{place}.xml"/>'
        for place in range(1, len(sheets) + 1)
    )
    parts: dict[str, str | bytes] = {
        "[Content_Types].xml": f'<Types xmlns="{_PACKAGE}/content-types"/>',
        "_rels/.rels": f'<Relationships xmlns="{_PACKAGE}/relationships"><Relationship Id="r1"'
        f' Type="{_RELATION}/officeDocument" Target="xl/workbook.xml"/></Relationships>',
        "xl/workbook.xml": f'<workbook xmlns="{_SHEET}" xmlns:r="{_RELATION}"><sheets>{named}</sheets></workbook>',
        "xl/_rels/workbook.xml.rels": f'<Relationships xmlns="{_PACKAGE}/relationships">{related}</Relationships>',
    }
    for place, rows in enumerate(sheets.values(), 1):
        lines = "".join(
            f'<row r="{y}">{"".join(_cell(x, y, text) for x, text in enumerate(row) if text)}</row>'
            for y, row in enumerate(rows, 1)
        )
        together = f'<mergeCells><mergeCell ref="{merged}"/></mergeCells>' if merged else ""
        parts[f"xl/worksheets/sheet{place}.xml"] = (
            f'<worksheet xmlns="{_SHEET}"><sheetData>{lines}</sheetData>{together}</worksheet>'
        )
    return packed(parts)


def _cell(x: int, y: int, text: str) -> str:
    at = f"{chr(65 + x)}{y}"
    if text.startswith("="):
        formula, _, value = text[1:].partition("→")
        return f'<c r="{at}" t="str"><f>{escape(formula)}</f><v>{escape(value)}</v></c>'
    if text.isdigit():
        return f'<c r="{at}"><v>{text}</v></c>'
    return f'<c r="{at}" t="inlineStr"><is><t>{escape(text)}</t></is></c>'


def ods(rows: Rows) -> bytes:
    """A spreadsheet of text cells."""
    office = "urn:oasis:names:tc:opendocument:xmlns"
    cells = "".join(
        "<table:table-row>"
        + "".join(
            f'<table:table-cell office:value-type="string"><text:p>{escape(text)}</text:p></table:table-cell>'
            for text in row
        )
        + "</table:table-row>"
        for row in rows
    )
    content = (
        f'<office:document-content xmlns:office="{office}:office:1.0" xmlns:table="{office}:table:1.0"'
        f' xmlns:text="{office}:text:1.0"><office:body><office:spreadsheet><table:table table:name="Kestrels">{cells}'
        "</table:table></office:spreadsheet></office:body></office:document-content>"
    )
    return packed(
        {
            "mimetype": "application/vnd.oasis.opendocument.spreadsheet",
            "content.xml": content,
            "META-INF/manifest.xml": "<manifest/>",
        }
    )
