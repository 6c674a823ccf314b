<?php

declare(strict_types=1);

namespace App\Saw;

use App\Bench\Bench;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use Illuminate\Support\Collection;
use JackRest\Core\Filing\SawState;
use JackRest\Core\Filing\SawUse;
use JackRest\Core\Fit\KerfBlade;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Grain;
use JackRest\Desk\Filing\SawForm;

/** The saws of a bench whose teeth are filed; blades of frames are changed instead. */
final class SawsOfBench
{
    /** What of a saw's readings is kept with the tool. */
    public const KEPT = ['tpi', 'rake', 'fleam', 'slope', 'set', 'plate', 'length', 'depth'];

    /** @return Collection<int, Tool> */
    public static function of(Bench $bench): Collection
    {
        return Tool::of($bench)
            ->oldest('id')
            ->get()
            ->filter(static fn (Tool $tool): bool => $tool->isSaw())
            ->values()
            ->toBase();
    }

    /** @return array<string, string> its sizes as they would be typed */
    public static function typed(Tool $saw, LengthFormatter $format): array
    {
        $sizes = array_intersect_key($saw->toCore()->sizes(), array_flip(self::KEPT));
        $typed = [];
        foreach ($sizes as $name => $value) {
            $isLength = in_array(
                $saw->kindOfTool()->dimension($name)?->unit,
                [DimensionUnit::Length, DimensionUnit::Thickness],
                true,
            );
            $typed[$name] = $isLength ? $format->typed($value) : LengthFormatter::decimal($value, 2);
        }

        return $typed;
    }

    public static function use(Tool $saw): SawUse
    {
        return match ($saw->toCore()->sizes()['cut'] ?? Grain::BOTH) {
            Grain::RIP => SawUse::Rip,
            Grain::CROSS => SawUse::Cross,
            default => SawUse::Joinery,
        };
    }

    public static function isHardened(Tool $saw): bool
    {
        return ($saw->toCore()->sizes()['hardened'] ?? 0.0) >= 1.0;
    }

    public static function form(Tool $saw, LengthFormatter $format): SawForm
    {
        return SawForm::of(
            self::typed($saw, $format),
            self::use($saw),
            SawState::Dull,
            self::isHardened($saw),
            self::usualDepthMm($saw),
            $format,
        );
    }

    /** @return list<KerfBlade> blades of frames at hand, which clear the waste from a kerf's floor */
    public static function blades(Bench $bench): array
    {
        return array_values(
            Tool::of($bench)
                ->oldest('id')
                ->get()
                ->filter(
                    static fn (Tool $tool): bool => $tool->status === ToolStatus::Owned &&
                        $tool->isAtHand() &&
                        $tool->kindOfTool()->form === 'coping-saw',
                )
                ->map(
                    static fn (Tool $tool): KerfBlade => new KerfBlade(
                        $tool->name,
                        $tool->toCore()->sizes()['plate'] ?? 0.5,
                    ),
                )
                ->all(),
        );
    }

    public static function usualDepthMm(Tool $saw): float
    {
        return $saw->kindOfTool()->usualSizes()['depth'] ?? 50.0;
    }
}
