<?php

// PHP's own web server asks this first: files of the public folder are sent as they are, the rest is Dinghy's.
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = dirname(__DIR__, 2).'/public';

if ($path !== '/' && ! str_contains($path, '..') && is_file($public.$path)) {
    if (str_starts_with($path, '/build/assets/')) {
        $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'woff' => 'font/woff', 'svg' => 'image/svg+xml'];
        header('Content-Type: '.($types[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
        header('Cache-Control: public, max-age=31536000, immutable'); // their names change with their contents
        readfile($public.$path);

        return true;
    }

    return false;
}

require $public.'/index.php';
