<?php

declare(strict_types=1);

namespace App\Files;

use App\Rack\RackTable;
use App\Season\ClimateTable;

/** Every table that goes out and comes in. */
final class Tables
{
    /** @var array<string, class-string<Table>> by the name in its address */
    private const BY_NAME = [
        'diary' => DiaryTable::class,
        'rack' => RackTable::class,
        'climate' => ClimateTable::class,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::BY_NAME);
    }

    public static function named(string $name): Table
    {
        $class = self::BY_NAME[$name];

        return new $class();
    }
}
