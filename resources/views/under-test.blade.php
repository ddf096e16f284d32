<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, viewport-fit=cover">
    <meta name="robots" content="noindex">
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <title>{{ $words->say('under-test.title') }}</title>
    {{ Vite::useBuildDirectory('build-under-test')->withEntryPoints(['resources/under-test/page.css', 'resources/under-test/main.ts']) }}
</head>
<body data-shows="{{ json_encode($shows) }}" data-words="{{ json_encode($texts) }}">
    <main id="root"></main>
    <noscript>{{ $words->say('under-test.no-script') }}</noscript>
</body>
</html>
