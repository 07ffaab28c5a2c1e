"""The core as a whole: it stands alone, and what its docstrings show is true."""

import doctest
import importlib
import pickle
import pkgutil
import subprocess
import sys
import unittest
from collections.abc import Iterator

import velum
from velum.paper.page_size import PaperRefused


def modules() -> Iterator[str]:
    for found in pkgutil.walk_packages(velum.__path__, "velum."):
        if ".tests" not in found.name:
            yield found.name


class Core(unittest.TestCase):
    def test_what_docstrings_show_is_true(self) -> None:
        tried = 0
        for name in modules():
            with self.subTest(name):
                result = doctest.testmod(importlib.import_module(name))
                self.assertEqual(result.failed, 0)
                tried += result.attempted
        self.assertGreater(tried, 0)

    def test_an_error_survives_the_way_from_process_to_process(self) -> None:
        error = pickle.loads(pickle.dumps(PaperRefused("paper.empty", "This file is empty.")))
        self.assertIsInstance(error, PaperRefused)
        self.assertEqual(
            (error.code, error.sentence.words, str(error)), ("paper.empty",) + ("This file is empty.",) * 2
        )

    def test_stands_without_django(self) -> None:
        program = f"import sys; [__import__(name) for name in {list(modules())}]; sys.exit('django' in sys.modules)"
        done = subprocess.run([sys.executable, "-c", program], check=False)
        self.assertEqual(done.returncode, 0)
