<?php

declare(strict_types=1);

// The core alone, without Composer's autoloader: a start must take milliseconds.
spl_autoload_register(static function (string $class): void {
    $roots = ['JackRest\\Core\\' => __DIR__.'/../core/src/', 'JackRest\\Terminal\\' => __DIR__.'/'];
    foreach ($roots as $prefix => $folder) {
        if (str_starts_with($class, $prefix)) {
            require $folder.strtr(substr($class, strlen($prefix)), '\\', '/').'.php';
        }
    }
});

$arguments = array_values(array_slice((array) $_SERVER['argv'], 1));
exit((new JackRest\Terminal\CalcCommand(STDIN, STDOUT, STDERR))->run(array_map(strval(...), $arguments)));
