"""Hands the tide table out to a class of N students, and fills a desk with M worksheets; prints what browsers hold.

``python -m bench.school_students N M``
"""

import json
import sys

import django

if __name__ == "__main__":
    django.setup()

    from django.core import signing
    from django.middleware.csrf import _get_new_csrf_string
    from django.test import Client
    from django.utils import timezone

    from demo.papers import tide_table
    from server.accounts.models import User
    from server.classes.flows.enrol import take_roster
    from server.classes.flows.find import students_in
    from server.classes.flows.make import make_class
    from server.handouts.flows.hand_out import To, hand_out_to
    from server.worksheets.models import Worksheet
    from velum.rosters.roster import Student

    count, desk = int(sys.argv[1]), int(sys.argv[2])
    teacher = User.objects.get(email="maren@gullhaven.example")
    tides = Worksheet.objects.get(owner=teacher, title=tide_table.TITLE)
    handouts = {}
    for name, size in (("Everybody", count), ("Thirty-five", 35)):
        made = make_class(teacher, name)
        read = [Student(given=f"Student {number}", family=name) for number in range(size)]
        take_roster(teacher, made.pk, read, timezone.now())
        (handouts[name],) = hand_out_to(teacher, tides.pk, [To(made.pk)], {})
    fields = [field.attname for field in Worksheet._meta.fields if field.attname != "id"]
    values = {name: getattr(tides, name) for name in fields}
    Worksheet.objects.bulk_create(
        Worksheet(**values) for _ in range(desk - Worksheet.objects.filter(owner=teacher).count())
    )
    client = Client()
    client.force_login(teacher)
    everybody = handouts["Everybody"].to_class
    assert everybody is not None
    print(
        json.dumps(
            {
                "handout": str(handouts["Everybody"].pk),
                "session": client.cookies["sessionid"].value,
                "class": str(handouts["Thirty-five"].to_class_id),
                "students": [
                    {
                        "name": "student",
                        "cookie": signing.dumps([str(student.pk), student.card.number], salt="server.classes.cookies"),
                        "csrf": _get_new_csrf_string(),
                    }
                    for student in students_in(everybody)
                ],
            }
        )
    )
