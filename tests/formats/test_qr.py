"""QR codes, read again by a reference library (ZXing-C++)."""

from __future__ import annotations

import re

import numpy as np
import pytest
import zxingcpp

from billhook.formats.qr import qr_code

_PIXELS, _QUIET = 4, 4


@pytest.mark.parametrize("text", ["http://192.168.1.20:8420/", "https://grove.lan:8443/", "é" * 90])
def test_a_code_is_read_as_it_was_meant(text):
    code = qr_code(text)
    picture = np.full((code.side + 2 * _QUIET,) * 2, 255, dtype=np.uint8)
    for x, y in re.findall(r"M(\d+) (\d+)h1v1h-1z", code.path):
        picture[int(y) + _QUIET, int(x) + _QUIET] = 0
    found = zxingcpp.read_barcodes(picture.repeat(_PIXELS, 0).repeat(_PIXELS, 1))
    assert [f.text for f in found] == [text]


def test_what_is_no_address_is_refused():
    with pytest.raises(ValueError, match="400 bytes"):
        qr_code("x" * 401)
