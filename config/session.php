<?php

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 12,
    'cookie' => env('SESSION_COOKIE', 'dinghy_session'),
    'same_site' => 'lax',
];
