"""What every response has in common: a strict content policy, errors in words, protection against forged requests."""

from django.core.checks import run_checks
from django.test import Client, override_settings

from server.testing.world import JSON, WorldCase, student_client, teacher_client


class Responses(WorldCase):
    def test_a_strict_content_policy_stands_on_every_page(self) -> None:
        pages = [
            Client().get("/"),
            Client().get("/nowhere/"),
            teacher_client(self.world.maren).get("/desk/"),
            student_client(self.world.ama).get(f"/c/{self.world.ama.pk}/"),
        ]
        for page in pages:
            policy = page["Content-Security-Policy"]
            self.assertIn("default-src 'none'", policy)
            self.assertIn("script-src 'self'", policy)
            self.assertNotIn("unsafe", policy)
            self.assertNotIn("http:", policy)
            self.assertEqual(page["X-Content-Type-Options"], "nosniff")
            self.assertEqual(page["X-Frame-Options"], "DENY")

    def test_the_front_end_is_for_this_origin_alone(self) -> None:
        icon = Client().get("/static/icon.svg")
        self.assertEqual(icon.status_code, 200)
        self.assertNotIn("Access-Control-Allow-Origin", icon.headers)

    def test_screens_are_not_kept_by_the_browser(self) -> None:
        self.assertEqual(teacher_client(self.world.maren).get("/desk/")["Cache-Control"], "no-store")

    def test_a_title_cannot_break_out_of_its_page(self) -> None:
        sheet = self.world.worksheet
        sheet.document["title"] = "</script><script>alert(1)</script>"
        sheet.save()
        page = teacher_client(self.world.maren).get(f"/worksheets/{sheet.pk}/").content.decode()
        self.assertNotIn("<script>alert", page)

    def test_a_forged_request_is_refused(self) -> None:
        world = self.world
        for client, path in (
            (teacher_client(world.maren), f"/api/worksheets/{world.worksheet.pk}/handouts"),
            (student_client(world.ama), f"/c/{world.ama.pk}/hand-in"),
        ):
            client.handler.enforce_csrf_checks = True
            self.assertEqual(client.post(path, {"changes": []}, JSON).status_code, 403)
        world.ama.refresh_from_db()
        self.assertIsNone(world.ama.handed_in_at)

    def test_a_request_that_cannot_be_read_is_told_so(self) -> None:
        client = teacher_client(self.world.maren)
        for body in ("not json", "[]", '{"revision": "x"}', "{}"):
            path = f"/api/worksheets/{self.world.worksheet.pk}/edits"
            answer = client.generic("POST", path, body, content_type=JSON)
            self.assertIn(answer.status_code, (400, 422))
            self.assertTrue(answer.json()["message"])

    def test_guessing_codes_is_slowed_down(self) -> None:
        answers = [self.client.post("/join/", {"code": "AAA"}).status_code for _ in range(61)]
        self.assertEqual(answers[:60], [404] * 60)
        self.assertEqual(answers[-1], 429)


class Checks(WorldCase):
    def ids(self) -> set[str | None]:
        return {found.id for found in run_checks(include_deployment_checks=True)}

    def test_a_missing_front_end_is_an_error(self) -> None:
        with override_settings(STATIC_ROOT=self.data):
            self.assertIn("velum.E001", self.ids())

    def test_a_missing_folder_for_data_is_an_error(self) -> None:
        with override_settings(DATA=self.data / "nowhere"):
            self.assertIn("velum.E003", self.ids())

    def test_the_demo_may_not_serve_a_school(self) -> None:
        with override_settings(DEMO=True, HTTPS=True):
            self.assertIn("velum.E002", self.ids())

    def test_mail_that_reaches_nobody_is_warned_of(self) -> None:
        with override_settings(EMAIL_BACKEND="django.core.mail.backends.console.EmailBackend"):
            self.assertIn("velum.W001", self.ids())
