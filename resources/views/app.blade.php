<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="style-nonce" content="{{ Vite::cspNonce() }}">
    <meta name="facelift-shop" content="{{ $shop }}">
    <title>Facelift</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/js/main.tsx'])
</head>
<body>
    <div id="root"></div>
    <noscript>Facelift needs JavaScript.</noscript>
</body>
</html>
