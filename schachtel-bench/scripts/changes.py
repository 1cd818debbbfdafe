#!/usr/bin/env python3
"""Times 200 parameter changes over HTTP, each with its page regions and drawings; the application must be running.

Use: changes.py [address [changes]]   (default http://127.0.0.1:8090 200)
"""
import http.cookiejar
import json
import re
import sys
import time
import urllib.parse
import urllib.request

ADDRESS = sys.argv[1] if len(sys.argv) > 1 else "http://127.0.0.1:8090"
CHANGES = int(sys.argv[2]) if len(sys.argv) > 2 else 200
WARM_UP = CHANGES
opener = urllib.request.build_opener(urllib.request.HTTPCookieProcessor(http.cookiejar.CookieJar()))


def call(path, fields=None):
    data = urllib.parse.urlencode(fields).encode() if fields is not None else None
    with opener.open(urllib.request.Request(ADDRESS + path, data), timeout=30) as answer:
        return answer.read().decode(), answer.geturl()


page, _ = call("/new")
token = re.search(r'name="_csrf" value="([^"]+)"', page).group(1)
_, where = call("/cards", {"name": "Benchmark", "format": "slim", "base": "flat-fold.side", "front": "raised", "_csrf": token})
card = re.search(r"/cards/(\d+)/", where).group(1)


def seen(text):
    return {k: re.search(rf'name="{k}" value="([^"]*)"', text).group(1) for k in ("version", "revision")}


state = seen(call(f"/cards/{card}/structure")[0])
for kind in ("window", "shaker", "sentiment"):
    state = seen(call(f"/cards/{card}/structure/add", {"kind": kind, "view": "front", "_csrf": token, **state})[0])
times = []
for i in range(WARM_UP + CHANGES):
    fields = {"piece": "window", "component": "shape.diameter", "value": f"{40 + i % 20} mm", "select": "shaker",
              "view": "front", "_csrf": token, **state}
    start = time.perf_counter()
    text, _ = call(f"/cards/{card}/structure/set", fields)
    if i >= WARM_UP:
        times.append((time.perf_counter() - start) * 1000)
    state = seen(text)
    assert "<svg" in text and 'id="finds"' in text
times.sort()
print(json.dumps({"changes": CHANGES, "median ms": round(times[CHANGES // 2], 1),
                  "p95 ms": round(times[int(CHANGES * 0.95)], 1), "most ms": round(times[-1], 1)}))
