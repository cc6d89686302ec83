"""An address as a QR code (ISO/IEC 18004), drawn as one path of an SVG."""

from __future__ import annotations

from dataclasses import dataclass

from reportlab.graphics.barcode.qrencoder import QR8bitByte, QRCode, QRErrorCorrectLevel


@dataclass(frozen=True)
class QrCode:
    """side: modules on a side, without the quiet zone of four; path: dark modules as an SVG path in
    modules.
    """

    side: int
    path: str


def qr_code(text: str) -> QrCode:
    """The smallest code that holds a text, with a quarter of it corrected. Raises: ValueError for
    one too long.
    """
    if len(text.encode()) > 400:
        raise ValueError("a text of more than 400 bytes is no address")
    code = QRCode(None, QRErrorCorrectLevel.Q)
    code.addData(QR8bitByte(text))
    code.make()
    side = code.getModuleCount()
    dark = (f"M{x} {y}h1v1h-1z" for y in range(side) for x in range(side) if code.isDark(y, x))
    return QrCode(side, "".join(dark))
