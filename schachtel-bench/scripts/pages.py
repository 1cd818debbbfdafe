#!/usr/bin/env python3
"""Times every page, asked for alone and one after the other; the application must be running.

Use: pages.py [address [rounds]]   (default http://127.0.0.1:8090 40)
"""
import re
import sys
import time
import urllib.request

ADDRESS = sys.argv[1] if len(sys.argv) > 1 else "http://127.0.0.1:8090"
ROUNDS = int(sys.argv[2]) if len(sys.argv) > 2 else 40


def call(path):
    begun = time.perf_counter()
    with urllib.request.urlopen(ADDRESS + path, timeout=60) as answer:
        text = answer.read().decode()
    return (time.perf_counter() - begun) * 1000, text


home = call("/")[1]
cards = sorted({int(n) for n in re.findall(r"/cards/(\d+)/", home)})
pages = ["/", "/new", "/log", "/log/measure", "/stock", "/stock/colours", "/practice"]
for card in cards[:6]:
    strip = re.search(r'<nav[^>]*id="strip".*?</nav>', call(f"/cards/{card}/structure")[1], re.S).group(0)
    for path in re.findall(r'href="(/cards/[^"#]+)"', strip):
        if path.replace("&amp;", "&") not in pages:
            pages.append(path.replace("&amp;", "&"))
for path in pages:
    call(path)
times = {}
for _ in range(ROUNDS):
    for path in pages:
        times.setdefault(re.sub(r"\d+", "N", path.split("?")[0]), []).append(call(path)[0])
for kind, all_of_it in sorted(times.items()):
    all_of_it.sort()
    print(f"{kind}: median {all_of_it[len(all_of_it) // 2]:.0f} ms, p95 {all_of_it[int(len(all_of_it) * 0.95)]:.0f} ms")
