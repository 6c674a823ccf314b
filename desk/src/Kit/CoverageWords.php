<?php

declare(strict_types=1);

namespace JackRest\Desk\Kit;

use JackRest\Core\Kit\Article;
use JackRest\Core\Kit\Obstacle;
use JackRest\Core\Kit\TaskCoverage;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Grain;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Shortfall;
use JackRest\Core\Work\Way;

/** Says what can be done about a task, what limits it, and what would change that. */
final readonly class CoverageWords
{
    private const SHARES = [
        'a tenth' => 0.125,
        'a seventh' => 0.165,
        'a fifth' => 0.22,
        'a quarter' => 0.29,
        'a third' => 0.4,
        'half' => 1.0,
    ];

    public function __construct(private LengthFormatter $format)
    {
    }

    public function says(TaskCoverage $covered): string
    {
        return match (true) {
            $covered->byMachine => 'left to the machine',
            $covered->best !== null && $covered->isEnough() => $covered->best->way->says.
                $this->slow($covered->best->way, $covered->better),
            $covered->best !== null => "{$covered->best->way->says}; not good enough. ".
                ucfirst($this->lacks($covered->nearest)),
            default => ucfirst($this->lacks($covered->nearest)),
        };
    }

    /** @param  float|null  $pace  the user's own, times the minutes from memory; null: not learnt yet */
    public function speed(?Way $way, ?float $pace = null): ?string
    {
        return $way === null
            ? null
            : 'about '.
                    LengthFormatter::decimal(($pace ?? 1.0) * $way->minutes, 1).
                    ($pace === null ? ' min' : ' min by your own pace').
                    ($way->setUp > 0 ? ', '.LengthFormatter::decimal($way->setUp, 0).' to set up' : '');
    }

    /** 16 mm, 15 teeth per inch, 8.1° */
    public function amount(float $value, DimensionUnit $unit): string
    {
        return match ($unit) {
            DimensionUnit::Length => $this->format->dimension($value),
            DimensionUnit::Thickness => $this->format->small($value),
            DimensionUnit::TeethPerInch => LengthFormatter::decimal($value, 1).' teeth per inch',
            DimensionUnit::Degrees => LengthFormatter::decimal($value, 1).'°',
            DimensionUnit::YesNo => $value >= 1 ? 'yes' : 'no',
            DimensionUnit::Count => LengthFormatter::decimal($value, 0),
            DimensionUnit::Teeth => Grain::named($value),
        };
    }

    private function slow(Way $now, ?Way $better): string
    {
        if ($better === null) {
            return '';
        }
        $share = $better->minutes / $now->minutes;
        $words =
            array_key_first(array_filter(self::SHARES, static fn (float $below): bool => $share < $below)) ?? 'half';
        $more = array_values(array_diff($better->kinds, $now->kinds));
        $new =
            $more === []
                ? Article::with(ToolKinds::named(self::limiting($better))->name).' of the right size'
                : implode(
                    ' with ',
                    array_map(static fn (string $kind): string => Article::with(ToolKinds::named($kind)->name), $more),
                );

        return ". Slow: $new would take $words of the time";
    }

    /** The kind whose size decides about a way. */
    private static function limiting(Way $way): string
    {
        foreach ($way->conditions as $condition) {
            if ($condition->kind() !== null) {
                return $condition->kind();
            }
        }

        return $way->kinds[0];
    }

    private function lacks(?Obstacle $obstacle): string
    {
        if ($obstacle === null) {
            return 'no way known here is good enough for it.';
        }
        $parts = array_filter(
            [
                $obstacle->missing === []
                    ? ''
                    : 'it takes '.
                        implode(
                            ' and ',
                            array_map(
                                static fn (string $kind): string => Article::with(ToolKinds::named($kind)->name),
                                $obstacle->missing,
                            ),
                        ),
                ...array_map(fn (array $short): string => $this->short($short[0], $short[1]), $obstacle->short),
                ...array_map(
                    static fn (string $kind): string => 'the '.
                        ToolKinds::named($kind)->name.
                        ' does not count yet: '.
                        self::needs($kind),
                    $obstacle->idle,
                ),
            ],
            static fn (string $part): bool => $part !== '',
        );

        return implode('; ', $parts).'.';
    }

    private function short(ToolAtHand $tool, Shortfall $shortfall): string
    {
        return match (true) {
            $shortfall->unit === DimensionUnit::YesNo => "your {$tool->name} is without {$shortfall->what}",
            $shortfall->unit === DimensionUnit::TeethPerInch => "the teeth of your {$tool->name} should be "
                ."{$shortfall->relation} ".
                $this->amount($shortfall->takes ?? 0.0, $shortfall->unit),
            default => "your {$tool->name} has {$shortfall->what} ".
                $this->amount($shortfall->has ?? 0.0, $shortfall->unit).
                ", this takes {$shortfall->relation} ".
                $this->amount($shortfall->takes ?? 0.0, $shortfall->unit),
        };
    }

    private static function needs(string $kind): string
    {
        return 'it needs '.
            implode(
                ' and ',
                array_map(
                    static fn (Need|string $need): string => $need instanceof Need
                        ? $need->says()
                        : Article::with(ToolKinds::named($need)->name),
                    ToolKinds::named($kind)->needs,
                ),
            );
    }
}
