<?php

declare(strict_types=1);

namespace App\Auger;

use App\Bench\Bench;
use App\Tool\Tool;
use App\Work\Work;
use Illuminate\Support\Collection;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Filing\AugerVerdict;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Task;
use JackRest\Desk\Filing\AugerBitForm;

/** Sets of auger bits, and the holes that the works ask for. */
final class AugersOfBench
{
    /** What a session of it is called in the diary. */
    public const FILED = 'auger-filed';

    /** @return Collection<int, Tool> */
    public static function of(Bench $bench): Collection
    {
        return Tool::of($bench)
            ->oldest('id')
            ->get()
            ->filter(static fn (Tool $tool): bool => $tool->isAugerSet())
            ->values()
            ->toBase();
    }

    /** @return Collection<int, AugerBit> */
    public static function bits(Bench $bench, Tool $set): Collection
    {
        return AugerBit::of($bench)->where('tool_id', $set->id)->oldest('sixteenths')->get()->toBase();
    }

    /** @return list<float> mm */
    public static function sizes(Tool $set): array
    {
        $sizes = $set->toCore()->sizes();

        return AugerSet::sizes($sizes['smallest'] ?? 6.0, $sizes['largest'] ?? 25.0);
    }

    /** @return list<string> holes of the chosen works that no fit bit bores */
    public static function gaps(Bench $bench, Tool $set, LengthFormatter $format): array
    {
        $aside = self::bits($bench, $set)
            ->filter(
                static fn (AugerBit $bit): bool => $bit->form($format)->check?->verdict === AugerVerdict::SetAside,
            )
            ->pluck('sixteenths')
            ->all();
        $fit = array_values(
            array_filter(
                self::sizes($set),
                static fn (float $size): bool => ! in_array((int) round($size / AugerSet::STEP_MM), $aside, true),
            ),
        );
        $holes = Work::of($bench)
            ->where('chosen', true)
            ->get()
            ->flatMap(
                static fn (Work $work): array => array_map(
                    static fn (Task $task): array => [
                        'diameterMm' => (float) $task->facts->get(Fact::Diameter),
                        'work' => $work->name,
                    ],
                    array_filter(
                        $work->tasks(),
                        static fn (Task $task): bool => $task->operation->id === 'bore' &&
                            $task->facts->get(Fact::Diameter) !== null,
                    ),
                ),
            )
            ->values()
            ->all();

        return AugerBitForm::gaps(AugerSet::gaps($fit, array_values($holes)), $format);
    }
}
