"""Has N students join the demo's handout, and prints what their browsers hold: `python -m bench.students N`."""

import json
import sys

import django

if __name__ == "__main__":
    django.setup()

    from django.core import signing
    from django.middleware.csrf import _get_new_csrf_string
    from django.utils import timezone

    from server.copies.flows.join import join
    from server.handouts.models import Handout

    handout = Handout.objects.get(to_class=None)
    held = [
        {
            "id": str(copy.pk),
            "cookie": signing.dumps(str(copy.guest_id), salt="server.copies.cookies"),
            "csrf": _get_new_csrf_string(),
        }
        for copy in (join(handout, f"Student {number}", timezone.now()) for number in range(int(sys.argv[1])))
    ]
    print(json.dumps(held))
