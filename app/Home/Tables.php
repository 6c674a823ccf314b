<?php

declare(strict_types=1);

namespace App\Home;

use App\Climate\ClimateTable;
use App\Edge\DiaryTable;
use App\Files\OutTable;
use App\Files\Table;
use App\Kit\KitTable;
use App\Making\MakingsTable;
use App\Reference\ReferencesTable;
use App\Reference\TestsTable;
use App\Stone\RackTable;
use App\Work\WorksTable;

/** Every table that goes out, and those that come in again. */
final class Tables
{
    /** @var array<string, class-string<Table>> by the name in its address */
    private const BY_NAME = [
        'diary' => DiaryTable::class,
        'rack' => RackTable::class,
        'climate' => ClimateTable::class,
        'kit' => KitTable::class,
    ];

    /** @var array<string, class-string<OutTable>> those that go out alone */
    private const OUT = [
        'works' => WorksTable::class,
        'references' => ReferencesTable::class,
        'tests' => TestsTable::class,
        'makings' => MakingsTable::class,
    ];

    /** @return list<string> those that come in again */
    public static function names(): array
    {
        return array_keys(self::BY_NAME);
    }

    /** @return list<string> */
    public static function allNames(): array
    {
        return array_keys(self::BY_NAME + self::OUT);
    }

    public static function out(string $name): OutTable
    {
        $class = (self::BY_NAME + self::OUT)[$name];

        return new $class();
    }

    public static function named(string $name): Table
    {
        $class = self::BY_NAME[$name];

        return new $class();
    }
}
