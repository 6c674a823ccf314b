<?php

declare(strict_types=1);

// The door of PHP's own server: files of the front end go out with their headers, all else to the application.

const TYPES = [
    'css' => 'text/css; charset=utf-8',
    'js' => 'text/javascript; charset=utf-8',
    'png' => 'image/png',
    'svg' => 'image/svg+xml',
    'webmanifest' => 'application/manifest+json',
    'woff2' => 'font/woff2',
];

$public = (string) getcwd();
$asked = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$path = realpath($public.$asked);
$type = TYPES[pathinfo($asked, PATHINFO_EXTENSION)] ?? null;
if ($type !== null && $path !== false && str_starts_with($path, "$public/") && is_file($path)) {
    $isHashed = str_starts_with($asked, '/build/assets/');
    // Compressed when it was built, for everybody who reads that.
    $isRead = preg_match('/\bgzip\b(?!;\s*q=0(\.0*)?\b)/', (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '')) === 1;
    $sent = $isRead && is_file("$path.gz") ? "$path.gz" : $path;
    header("Content-Type: $type");
    header('Content-Length: '.filesize($sent));
    header('Vary: Accept-Encoding');
    if ($sent !== $path) {
        header('Content-Encoding: gzip');
    }
    header('Cache-Control: '.($isHashed ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header("Content-Security-Policy: default-src 'none'; frame-ancestors 'none'");
    header('X-Content-Type-Options: nosniff');
    header('Referrer-Policy: same-origin');
    header('Cross-Origin-Opener-Policy: same-origin');
    header('Cross-Origin-Resource-Policy: same-origin');
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($sent);
    }

    return true;
}

// For a file that is there the server names the file, and the application would take it for its own address.
$_SERVER['SCRIPT_NAME'] = $_SERVER['PHP_SELF'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = "$public/index.php";

require_once "$public/index.php";
