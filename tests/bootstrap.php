<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// Processes that test side by side have a number each, and each a database of its own, which bin/test made.
$number = getenv('TEST_TOKEN');
if ($number !== false) {
    $database = getenv('DB_DATABASE')."_{$number}";
    putenv("DB_DATABASE={$database}");
    $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $database;
}
