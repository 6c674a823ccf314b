<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Day;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Day\DayEdge;
use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\GritPath;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\HoningStone;

/** Stones and edges for a sharpening day. */
final class SampleDay
{
    private const GRITS = [['220', 40.0], ['800', 25.0], ['1000', 20.0], ['3000', 15.0], ['8000', 20.0]];

    /** @return array<string, HoningStone> */
    public static function stones(int $count): array
    {
        $stones = [];
        // The finest is always among them: every edge has an end.
        foreach (
            array_slice(self::GRITS, -$count) as $number => [$grit, $change]
        ) {
            $stones["s$number"] = new HoningStone(
                "s$number",
                "$grit stone",
                GritScale::Jis,
                $grit,
                1.0,
                $change,
            );
        }

        return $stones;
    }

    /** @param  array<string, HoningStone>  $stones */
    public static function edge(
        int $number,
        array $stones,
        float $length,
        float $remove,
        float $finish,
        string $setting,
        GritPath $path = GritPath::LeastTime,
    ): DayEdge {
        $job = new HoningPlanInput(
            12.0,
            $length,
            $remove,
            $finish,
            array_values(array_map(static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(), $stones)),
        );

        return new DayEdge("e$number", "edge $number", $job, $path, $setting, 100.0);
    }
}
