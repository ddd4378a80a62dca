<?php

// PHP's own web server asks this first: files of the public folder are sent as they are, the rest is Dinghy's.
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__, 2).'/public';

header_remove('X-Powered-By');
if ($path !== '/' && ! str_contains($path, '..') && is_file($public.$path) && pathinfo($path, PATHINFO_EXTENSION) !== 'php') {
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'svg' => 'image/svg+xml', 'json' => 'application/json', 'txt' => 'text/plain'];
    header('Content-Type: '.($types[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header('X-Frame-Options: DENY');
    header('Referrer-Policy: same-origin');
    header('Permissions-Policy: camera=(self), geolocation=(), microphone=(), payment=(), usb=()');
    header("Content-Security-Policy: default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'");
    if (str_starts_with($path, '/build/assets/')) {
        header('Cache-Control: public, max-age=31536000, immutable'); // their names change with their contents
    }
    // What the build made smaller goes so to whom it suits.
    $accepted = array_map(trim(...), explode(',', (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '')));
    foreach (['br' => '.br', 'gzip' => '.gz'] as $encoding => $ending) {
        if (is_file($public.$path.$ending)) {
            header('Vary: Accept-Encoding');
            if (in_array($encoding, $accepted, true)) {
                header("Content-Encoding: {$encoding}");
                $path .= $ending;
                break;
            }
        }
    }
    header('Content-Length: '.filesize($public.$path));
    readfile($public.$path);

    return true;
}

require $public.'/index.php';
