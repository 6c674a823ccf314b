<?php

declare(strict_types=1);

namespace Demo;

use Illuminate\Support\Carbon;

/** The files that Orchard Row is written in. */
final class DemoFiles
{
    /** The day on which they tell of the bench. */
    public const WRITTEN_ON = '2026-11-25';

    /** @return array<string, mixed> */
    public static function plan(): array
    {
        /** @var array<string, mixed> $plan */
        $plan = json_decode(self::read('orchard-row.json'), true, flags: JSON_THROW_ON_ERROR);

        return $plan;
    }

    /**
     * A file of the demo, its days moved so that the bench stands as on the day it was written: what is due then is due
     * now.
     */
    public static function read(string $file): string
    {
        $days = self::daysMoved();

        return (string) preg_replace_callback(
            '/\b2026-\d\d-\d\d/',
            static fn (array $day): string => Carbon::parse($day[0])->addDays($days)->toDateString(),
            (string) file_get_contents(__DIR__."/$file"),
        );
    }

    public static function daysMoved(): int
    {
        return (int) round(
            (Carbon::today()->getTimestamp() - Carbon::parse(self::WRITTEN_ON)->getTimestamp()) / 86400,
        );
    }
}
