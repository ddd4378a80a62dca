<?php

// Dinghy keeps what it has in its database: no folder is served.
return [
    'default' => 'local',
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false]],
    'links' => [],
];
