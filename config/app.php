<?php

return [
    'name' => 'Dinghy',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    // Addresses, parted by commas, of proxies that stand before Dinghy; their X-Forwarded-… count. Empty: there are none.
    'trusted_proxies' => array_values(array_filter(explode(',', (string) env('TRUSTED_PROXIES', '')))),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => env('APP_TIMEZONE', 'UTC'),
    'locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // Keys that were in use before: what they sealed is still known to be whole.
    'previous_keys' => array_filter(explode(',', (string) env('APP_PREVIOUS_KEYS', ''))),
];
