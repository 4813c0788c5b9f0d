<?php

return [
    'default' => 'pictures',
    'disks' => [
        // Originals and working copies, outside the web root.
        'pictures' => ['driver' => 'local', 'root' => storage_path('pictures'), 'throw' => true],
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'throw' => true],
    ],
];
