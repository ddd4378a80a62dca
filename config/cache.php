<?php

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => ['file' => ['driver' => 'file', 'path' => env('CACHE_FOLDER', storage_path('framework/cache/data'))]],
];
