<?php

declare(strict_types=1);

namespace App\Tool;

use App\Http\Money;
use App\Http\OutlineResource;
use App\Tool\Answer\DimensionAnswer;
use App\Tool\Answer\KindAnswer;
use App\Tool\Answer\ToolGroupAnswer;
use JackRest\Core\Kit\Offers;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Grain;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

/** Kinds of tool and the groups they hang in. */
final class KindResource
{
    public static function of(ToolKind $kind, School $school, LengthFormatter $format): KindAnswer
    {
        return new KindAnswer(
            id: $kind->id,
            name: $kind->name,
            says: $kind->says,
            for: $kind->for,
            wrong: $kind->wrong,
            group: $kind->group->value,
            needs: array_map(
                static fn (Need|string $need): string => $need instanceof Need
                    ? $need->says()
                    : ToolKinds::named($need)->name,
                $kind->needs,
            ),
            wants: array_map(static fn (string $want): string => ToolKinds::named($want)->name, $kind->wants),
            price: Money::plain(Offers::shopPrice($kind, $school)),
            making: $kind->making === null
                ? null
                : Money::plain($kind->making->cost)." of wood, about {$kind->making->minutes} minutes",
            running: $kind->runningPerYear > 0
                ? Money::plain(round($kind->runningPerYear * $school->runningFactor(), 1)).' a year'
                : null,
            basis: $kind->basis->value,
            cuts: Tool::cuts($kind),
            offered: $school->offers($kind->id),
            dimensions: array_map(
                static fn (Dimension $dimension): DimensionAnswer => self::dimension($dimension, $format),
                $kind->dimensions,
            ),
            outline: OutlineResource::of(Outlines::of($kind->form, $kind->usualSizes())),
        );
    }

    /** @param  float|null  $usual  what stands for it here; null: what is usual for its kind */
    public static function dimension(
        Dimension $dimension,
        LengthFormatter $format,
        ?float $usual = null,
    ): DimensionAnswer {
        return new DimensionAnswer(
            name: $dimension->name,
            label: $dimension->label,
            unit: $dimension->unit,
            usual: self::typed($usual ?? $dimension->usual, $dimension->unit, $format),
            stepMm: $dimension->unit === DimensionUnit::Thickness ? 0.01 : 1.0,
            asked: $dimension->asked,
        );
    }

    /** A dimension as it would be typed into its field. */
    public static function typed(float $value, DimensionUnit $unit, LengthFormatter $format): string
    {
        return match ($unit) {
            DimensionUnit::Length, DimensionUnit::Thickness => $format->typed($value),
            DimensionUnit::YesNo => $value >= 1 ? 'yes' : 'no',
            DimensionUnit::Teeth => Grain::named($value),
            default => LengthFormatter::decimal($value, 2),
        };
    }

    /** @return list<ToolGroupAnswer> */
    public static function groups(): array
    {
        $first = Group::firstFive();

        return array_map(
            static fn (Group $group): ToolGroupAnswer => new ToolGroupAnswer(
                id: $group->value,
                label: $group->label(),
                teaches: $group->teaches(),
                first: ($place = array_search($group, $first, true)) === false ? null : $place + 1,
            ),
            Group::cases(),
        );
    }
}
