<?php

declare(strict_types=1);

namespace App\Entry;

use Monolog\Handler\StreamHandler;
use Monolog\Level;
use Monolog\LogRecord;

/** A log of two files at most: when one is full it takes the place of the one before. */
final class BoundedLog extends StreamHandler
{
    public function __construct(private readonly string $path, private readonly int $mostBytes)
    {
        parent::__construct($path, Level::Warning, filePermission: 0600);
    }

    protected function write(LogRecord $record): void
    {
        clearstatcache(true, $this->path);
        if (is_file($this->path) && filesize($this->path) > $this->mostBytes) {
            $this->close();
            rename($this->path, "{$this->path}.1");
        }
        parent::write($record);
    }
}
