<?php

declare(strict_types=1);

namespace App\Home;

use App\Climate\ClimateTable;
use App\Edge\DiaryTable;
use App\Files\Table;
use App\Stone\RackTable;

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
