import unittest

from pydantic import TypeAdapter, ValidationError

from velum.links import LONGEST, Address, is_on, site_of

ADDRESS = TypeAdapter(Address)


class Addresses(unittest.TestCase):
    def test_only_the_web_is_led_to(self) -> None:
        for text in (
            "javascript:alert(1)",
            " JavaScript:alert(1)",
            "java\tscript:alert(1)",
            "data:text/html,<script>",
            "file:///etc/passwd",
            "ftp://gullhaven.example/",
            "mailto:keeper@gullhaven.example",
            "//gullhaven.example/",
            "gullhaven.example",
            "https://",
            "",
            "https://gullhaven.example/" + "a" * LONGEST,
        ):
            with self.assertRaises(ValidationError, msg=text):
                ADDRESS.validate_python(text)

    def test_nobody_is_named_before_the_site(self) -> None:
        for text in ("https://gullhaven.example@elsewhere.example/", "https://a:b@gullhaven.example/"):
            with self.assertRaises(ValidationError, msg=text):
                ADDRESS.validate_python(text)

    def test_an_address_stands_as_a_browser_reads_it(self) -> None:
        for text, read, site in (
            ("https://Tides.Gullhaven.example", "https://tides.gullhaven.example/", "tides.gullhaven.example"),
            ("https:\\\\elsewhere.example\\x", "https://elsewhere.example/x", "elsewhere.example"),
            ("http://gezeiten-für-alle.example/", "http://xn--gezeiten-fr-alle-szb.example/", None),
            (" https://gullhaven.example/a?b=c#d ", "https://gullhaven.example/a?b=c#d", "gullhaven.example"),
            ("https://gullhaven.example:8443/", "https://gullhaven.example:8443/", "gullhaven.example"),
        ):
            address = ADDRESS.validate_python(text)
            self.assertEqual(address, read)
            self.assertEqual(ADDRESS.validate_python(address), address)
            if site:
                self.assertEqual(site_of(address), site)

    def test_a_site_is_led_to_with_its_parts_and_no_other(self) -> None:
        sites = ["gullhaven.example", " .Museum.example ", ""]
        for address, is_led_to in (
            ("https://gullhaven.example/", True),
            ("https://gullhaven.example./", True),
            ("https://tides.gullhaven.example/", True),
            ("https://museum.example/shells", True),
            ("https://notgullhaven.example/", False),
            ("https://gullhaven.example.elsewhere.example/", False),
            ("https://elsewhere.example/gullhaven.example", False),
            ("https://elsewhere.example/?gullhaven.example", False),
            ("https://example/", False),
        ):
            self.assertEqual(is_on(address, sites), is_led_to, address)
        self.assertFalse(is_on("https://gullhaven.example/", []))
