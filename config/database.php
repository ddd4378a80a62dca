<?php

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            // bin/start chooses a free port and leaves it here, so that commands find the database it serves.
            'port' => env('DB_PORT') ?? trim((string) @file_get_contents(storage_path('dinghy/database.port'))),
            'database' => env('DB_DATABASE', 'dinghy'),
            'username' => env('DB_USERNAME', 'root'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'strict' => true,
            'engine' => 'InnoDB',
            // A database that is gone must be noticed while the rigger still looks at the field.
            'options' => extension_loaded('pdo_mysql') ? [PDO::ATTR_TIMEOUT => 3] : [],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
