<!DOCTYPE html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><link rel="icon" href="/favicon.svg" type="image/svg+xml"><title>Gone</title></head>
<body><p>This page is no longer open. Take a new code from the bench.</p></body>
</html>
