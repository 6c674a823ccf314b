<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ $nonce }}">
    <meta name="version" content="{{ $version }}">
@if ($isShared)
    <meta name="shared-shop" content="yes">
@endif
    <meta name="color-scheme" content="light dark">
    <title>Jack Rest</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/mark-512.png">
    <link rel="manifest" href="/jackrest.webmanifest">
    <meta name="theme-color" content="#e6dfcf" media="(prefers-color-scheme: light)">
    <meta name="theme-color" content="#15181a" media="(prefers-color-scheme: dark)">
@foreach ($styles as $style)
    <link rel="stylesheet" href="/build/{{ $style }}">
@endforeach
@foreach ($fonts as $font)
    <link rel="preload" href="/build/{{ $font }}" as="font" type="font/woff2" crossorigin>
@endforeach
    <script type="module" src="/build/{{ $script }}"></script>
</head>
<body>
    <div id="app"></div>
    <noscript>Jack Rest draws and asks as you type; it needs JavaScript.</noscript>
</body>
</html>
