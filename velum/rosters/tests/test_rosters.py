from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from velum.rosters.changes import Known, changes_of
from velum.rosters.oneroster import is_packed_oneroster, read_folder, read_packed
from velum.rosters.pasted import read_pasted
from velum.rosters.roster import MOST_STUDENTS, Roster, RosterRefused, Student
from velum.rosters.spreadsheet import MOST_UNPACKED, read_csv, read_spreadsheet
from velum.rosters.tests.files import ods, packed, xlsx

AMA = ("Ama", "Lindqvist")
BAO = ("Bao", "Okafor")


def names(roster: Roster) -> list[tuple[str, str]]:
    return [(student.given, student.family) for student in roster.students]


def why(roster: Roster) -> list[str]:
    return [doubt.why.code for doubt in roster.doubts]


class Pasted(TestCase):
    def test_names_are_read_in_every_usual_form(self) -> None:
        for text in (
            "Ama Lindqvist\nBao Okafor",
            "Lindqvist, Ama\nOkafor, Bao\n",
            "1. Ama Lindqvist\n2. Bao Okafor",
            "• Ama Lindqvist\r\n\r\n• Bao Okafor",
            "Ama\tLindqvist\nBao\tOkafor",
            "First name\tLast name\nAma\tLindqvist\nBao\tOkafor",
            "Nachname;Vorname\nLindqvist;Ama\nOkafor;Bao",
            "  Ama\u00a0Lindqvist \n\tBao Okafor\t",
        ):
            with self.subTest(text=text):
                self.assertEqual(names(read_pasted(text)), [AMA, BAO])

    def test_addresses_and_numbers_beside_names_are_told_apart(self) -> None:
        for text in (
            "Ama Lindqvist, ama@gullhaven.example, 4711",
            "Ama Lindqvist\t4711\tama@gullhaven.example",
            "Name\tE-mail\tStudent number\nAma Lindqvist\tama@gullhaven.example\t4711",
        ):
            with self.subTest(text=text):
                student = read_pasted(text).students[0]
                self.assertEqual((student.given, student.family), AMA)
                self.assertEqual((student.email, student.number), ("ama@gullhaven.example", "4711"))

    def test_somebody_with_one_name_and_names_in_every_script_are_taken(self) -> None:
        read = read_pasted("Bao\n王 小明\nعائشة القاضي\nОльга Маяк\nমৌসুমী\nØyvind de la Cruz")
        self.assertEqual(names(read)[0], ("Bao", ""))
        self.assertEqual(names(read)[2], ("عائشة", "القاضي"))
        self.assertEqual(names(read)[5], ("Øyvind de la", "Cruz"))

    def test_nobody_is_called_by_a_heading_that_is_a_name(self) -> None:
        self.assertEqual(names(read_pasted("Ad Vries\nNom Dupont")), [("Ad", "Vries"), ("Nom", "Dupont")])

    def test_what_is_nobody_is_named_with_its_row(self) -> None:
        read = read_pasted("Ama Lindqvist\n4711\n" + "x" * 81)
        self.assertEqual(
            [(row.row, row.why.code) for row in read.left_out], [(2, "roster.no_name"), (3, "roster.long_name")]
        )

    def test_eighty_letters_fit(self) -> None:
        self.assertEqual(names(read_pasted("Ö" * 80)), [("Ö" * 80, "")])

    def test_doubtful_rows_are_pointed_at_and_kept(self) -> None:
        read = read_pasted("Ama Lindqvist\nAMA LINDQVIST\n=HYPERLINK(1)\nBao\t7\nCleo\t7")
        self.assertEqual(
            why(read_pasted("Ama Lindqvist\nAMA LINDQVIST\n=HYPERLINK(1)")), ["roster.twice", "roster.formula"]
        )
        self.assertEqual(len(read.students), 5)
        self.assertIn("roster.same_number", why(read))

    def test_what_cannot_be_seen_in_a_name_is_taken_out(self) -> None:
        self.assertEqual(names(read_pasted("A\u202ema\u200b Lind\x00qvist")), [("Ama Lind", "qvist")])

    def test_nothing_and_too_much_are_refused(self) -> None:
        for text, code in (
            ("", "roster.empty"),
            ("\n \n", "roster.empty"),
            ("x" * 1_000_001, "roster.too_large"),
            ("Ama\n" * (MOST_STUDENTS + 1), "roster.too_long"),
        ):
            with self.subTest(code=code), self.assertRaises(RosterRefused) as caught:
                read_pasted(text)
            self.assertEqual(caught.exception.code, code)

    def test_five_thousand_are_read(self) -> None:
        self.assertEqual(
            len(read_pasted("\n".join(f"Student {n}" for n in range(MOST_STUDENTS))).students), MOST_STUDENTS
        )

    @settings(max_examples=200, deadline=None)
    @given(st.text(max_size=200))
    def test_any_text_is_read_or_refused(self, text: str) -> None:
        try:
            read = read_pasted(text)
        except RosterRefused:
            return
        self.assertTrue(all(student.name.strip() for student in read.students))


class Spreadsheets(TestCase):
    HEADED = (
        ("Kestrels, our class",),
        ("Family name", "Given name", "No."),
        ("Lindqvist", "Ama", "4711"),
        ("Okafor", "Bao", "12"),
    )

    def test_one_table_is_read_alike_from_each_form(self) -> None:
        lines = "\n".join(",".join(row) for row in (("Family name", "Given name", "No."), *self.HEADED[2:]))
        for form, data in (
            ("xlsx", xlsx({"Kestrels": self.HEADED}, merged="A1:C1")),
            ("ods", ods(self.HEADED)),
            ("csv", lines.encode()),
            ("csv with a mark", b"\xef\xbb\xbf" + lines.encode()),
            ("csv of Windows", lines.replace(",", ";").encode("utf-16")),
        ):
            with self.subTest(form=form):
                (roster,) = read_spreadsheet(data)
                self.assertEqual(names(roster), [AMA, BAO])
                self.assertEqual([student.number for student in roster.students], ["4711", "12"])

    def test_each_sheet_with_names_is_a_roster(self) -> None:
        read = read_spreadsheet(xlsx({"Kestrels": [["Ama Lindqvist"]], "Empty": [], "Herons": [["Bao Okafor"]]}))
        self.assertEqual([(roster.title, names(roster)) for roster in read], [("Kestrels", [AMA]), ("Herons", [BAO])])

    def test_of_a_formula_its_value_is_read(self) -> None:
        (roster,) = read_spreadsheet(xlsx({"A": [['=CONCAT("Ama"," ","Lindqvist")→Ama Lindqvist']]}))
        self.assertEqual(names(roster), [AMA])

    def test_old_letters_are_read(self) -> None:
        self.assertEqual(names(read_csv("Émile;Durand".encode("cp1252"))), [("Émile", "Durand")])

    def test_commas_within_quotes_part_nothing(self) -> None:
        self.assertEqual(names(read_csv(b'name,number\n"Lindqvist, Ama",7\n')), [AMA])

    def test_family_names_before_a_comma_are_told_from_columns(self) -> None:
        self.assertEqual(names(read_csv(b"Lindqvist, Ama\nOkafor, Bao\n")), [AMA, BAO])
        self.assertEqual(names(read_csv(b"Ama,Lindqvist\nBao,Okafor\n")), [AMA, BAO])

    def test_what_is_damaged_or_no_spreadsheet_is_refused_with_a_sentence(self) -> None:
        whole = xlsx({"A": [["Ama Lindqvist"]]})
        for what, data, code in (
            ("cut off", whole[: len(whole) // 2], "roster.damaged"),
            ("an empty zip", packed({}), "roster.damaged"),
            ("another zip", packed({"crab.txt": "crab"}), "roster.damaged"),
            ("a picture", b"\x89PNG\r\n\x1a\n\0\0\0\0", "roster.not_read"),
            ("nothing", b"", "roster.nobody"),
            ("an empty sheet", xlsx({"A": []}), "roster.nobody"),
        ):
            with self.subTest(what=what), self.assertRaises(RosterRefused) as caught:
                read_spreadsheet(data)
            self.assertEqual(caught.exception.code, code)

    def test_a_bomb_is_refused_before_it_is_unpacked(self) -> None:
        bomb = packed({"xl/workbook.xml": bytes(MOST_UNPACKED + 1)})
        self.assertLess(len(bomb), 200_000)
        for data in (bomb, _lying(bomb)):
            with self.assertRaises(RosterRefused) as caught:
                read_spreadsheet(data)
            self.assertIn(caught.exception.code, ("roster.too_large", "roster.damaged"))

    @settings(max_examples=150, deadline=None)
    @given(st.binary(max_size=300), st.integers(0, 200))
    def test_no_file_is_more_than_refused(self, noise: bytes, at: int) -> None:
        whole = xlsx({"A": [["Ama Lindqvist"]]})
        for data in (noise, b"PK\x03\x04" + noise, whole[:at] + noise + whole[at + len(noise) :]):
            try:
                read_spreadsheet(data)
            except RosterRefused as refused:
                self.assertTrue(refused.sentence.words.endswith("."))


def _lying(bomb: bytes) -> bytes:
    """The same, but it says that it is small."""
    size = (MOST_UNPACKED + 1).to_bytes(4, "little")
    assert size in bomb
    return bomb.replace(size, (10).to_bytes(4, "little"))


FOLDER = {
    "users.csv": "sourcedId,status,dateLastModified,enabledUser,username,userIds,givenName,familyName,middleName,"
    "identifier,email\n"
    "u1,,,true,ama,,Ama,Lindqvist,,4711,ama@gullhaven.example\n"
    "u2,active,,true,bao,,Bao,Okafor,,12,\n"
    "u3,tobedeleted,,true,gone,,Gone,Away,,,\n"
    "u4,,,false,off,,Not,Enabled,,,\n"
    "t1,,,true,maren,,Maren,Holt,,,\n",
    "classes.csv": "sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,classType\n"
    "c1,,,Kestrels,,,K,homeroom\nc2,,,Herons,,,H,homeroom\nc3,tobedeleted,,Old,,,O,homeroom\n",
    "enrollments.csv": "sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,userSourcedId,role,primary\n"
    "e1,,,c1,s,u1,student,\ne2,,,c1,s,u2,student,\ne3,,,c1,s,u3,student,\ne4,,,c1,s,u4,student,\n"
    "e5,,,c1,s,t1,teacher,true\ne6,tobedeleted,,c2,s,u1,student,\ne7,,,c2,s,u2,student,\ne8,,,c3,s,u1,student,\n",
}


class OneRoster(TestCase):
    def files(self, **other: str) -> dict[str, bytes]:
        return {name: text.encode() for name, text in (FOLDER | {f"{k}.csv": v for k, v in other.items()}).items()}

    def test_a_folder_and_a_zip_say_who_is_in_each_class(self) -> None:
        within = packed({f"export/{name}": text for name, text in FOLDER.items()})
        self.assertTrue(is_packed_oneroster(within))
        for read in (read_folder(self.files()), read_packed(within)):
            self.assertEqual([(each.title, each.source) for each in read], [("Kestrels", "c1"), ("Herons", "c2")])
            self.assertEqual(names(read[0]), [AMA, BAO])
            self.assertEqual(names(read[1]), [BAO])
            ama = read[0].students[0]
            self.assertEqual((ama.number, ama.email, ama.source), ("4711", "ama@gullhaven.example", "u1"))

    def test_what_is_missing_or_no_whole_roster_is_refused(self) -> None:
        without = self.files()
        del without["classes.csv"]
        delta = self.files(manifest="propertyName,value\nmanifest.version,1.0\nfile.users,delta\n")
        for files, code in (
            (without, "roster.file_missing"),
            (delta, "roster.delta"),
            (self.files(users="sourcedId\n"), "roster.nobody"),
        ):
            with self.subTest(code=code), self.assertRaises(RosterRefused) as caught:
                read_folder(files)
            self.assertEqual(caught.exception.code, code)

    def test_a_bulk_manifest_is_no_hindrance(self) -> None:
        self.assertEqual(len(read_folder(self.files(manifest="propertyName,value\nfile.users,bulk\n"))), 2)


def known(*students: Student) -> list[Known[int]]:
    return [Known(place, student) for place, student in enumerate(students)]


class Changed(TestCase):
    AMA = Student(given="Ama", family="Lindqvist", number="4711")
    BAO = Student(given="Bao", family="Okafor")

    def test_the_same_file_again_changes_nothing(self) -> None:
        changes = changes_of(known(self.AMA, self.BAO), [self.AMA, self.BAO])
        self.assertEqual((changes.new, changes.changed, changes.missing), ((), (), ()))
        self.assertEqual(len(changes.same), 2)

    def test_somebody_is_found_by_number_when_the_name_is_another(self) -> None:
        now = Student(given="Ama", family="Berg", number="4711", email="ama@gullhaven.example")
        changes = changes_of(known(self.AMA, self.BAO), [now])
        self.assertEqual([(was.key, student.family) for was, student in changes.changed], [(0, "Berg")])
        self.assertEqual([each.key for each in changes.missing], [1])

    def test_what_a_list_leaves_empty_stays(self) -> None:
        changes = changes_of(known(self.AMA), [Student(given="Ama", family="Lindqvist")])
        self.assertEqual([each.key for each in changes.same], [0])

    def test_two_of_one_name_are_found_one_by_one(self) -> None:
        twice = known(self.BAO, self.BAO)
        self.assertEqual(len(changes_of(twice, [self.BAO, self.BAO]).same), 2)
        self.assertEqual(len(changes_of(twice, [self.BAO]).missing), 1)
        self.assertEqual(len(changes_of(twice, [self.BAO] * 3).new), 1)

    def test_another_number_is_another_student_of_the_same_name(self) -> None:
        changes = changes_of(known(self.AMA), [self.AMA.changed(number="9")])
        self.assertEqual((len(changes.new), len(changes.missing)), (1, 1))

    @given(
        st.lists(st.sampled_from(["Ama", "Bao", "Cleo"]), max_size=6),
        st.lists(st.sampled_from(["Ama", "Bao", "Dara"]), max_size=6),
    )
    def test_everybody_is_accounted_for_once(self, before: list[str], now: list[str]) -> None:
        changes = changes_of(known(*(Student(given=name) for name in before)), [Student(given=name) for name in now])
        found = len(changes.same) + len(changes.changed)
        self.assertEqual(found + len(changes.missing), len(before))
        self.assertEqual(found + len(changes.new), len(now))
