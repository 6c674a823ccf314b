<?php

declare(strict_types=1);

namespace JackRest\Desk\Kit;

use JackRest\Core\Kit\ToolKind;
use JackRest\Core\Kit\ToolNamer;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** A tool as far as it has been described: its readings, its sizes, its name, and what cannot be. */
final readonly class ToolForm
{
    /**
     * @param  array<string, Figure>  $figures  by dimension
     * @param  array<string, float>  $sizes  read where they were typed, else fitting what was
     * @param  array<string, float>  $given  only those that were typed
     */
    private function __construct(
        public ToolKind $kind,
        public array $figures,
        public array $sizes,
        public array $given,
        public string $name,
    ) {
    }

    /** @param  array<string, string>  $typed  by dimension; what is left empty is usual for the kind */
    public static function of(ToolKind $kind, array $typed, string $name, LengthFormatter $format): self
    {
        $words = new CoverageWords($format);
        $figures = [];
        foreach ($kind->dimensions as $dimension) {
            $figures[$dimension->name] = Figure::of($typed[$dimension->name] ?? '', $dimension->unit, $format, $dimension->usual)
                ->within($dimension->least, $dimension->most, ucfirst("$dimension->label of a {$kind->name}: ".$words->amount($dimension->least, $dimension->unit).' to '.$words->amount($dimension->most, $dimension->unit).'.'));
        }
        $given = array_filter(array_map(static fn (Figure $figure): ?float => $figure->value, $figures), static fn (?float $value): bool => $value !== null);
        $sizes = self::fitting($kind, $given);
        foreach (self::conflicts($sizes, $given, $words) as $dimension => $complaint) {
            $figures[$dimension] = $figures[$dimension]->refused($complaint);
        }

        return new self($kind, $figures, $sizes, $given, trim($name) === '' ? (new ToolNamer($format))->name($kind, $sizes) : trim($name));
    }

    public function isSound(): bool
    {
        return array_filter($this->figures, static fn (Figure $figure): bool => $figure->error !== null) === [];
    }

    /**
     * Usual sizes, moved where what was read would not fit them: a wide iron comes in a wide body.
     *
     * @param  array<string, float>  $given
     * @return array<string, float>
     */
    private static function fitting(ToolKind $kind, array $given): array
    {
        $usual = $kind->usualSizes();
        if (isset($given['iron'], $usual['iron'], $usual['width']) && ! isset($given['width'])) {
            $usual['width'] = max(5.0, $given['iron'] + $usual['width'] - $usual['iron']);
        }
        foreach ([['smallest', 'largest'], ['iron', 'widest']] as [$low, $high]) {
            if (isset($given[$low], $usual[$high]) && ! isset($given[$high])) {
                $usual[$high] = max($usual[$high], $given[$low]);
            }
            if (isset($given[$high], $usual[$low]) && ! isset($given[$low])) {
                $usual[$low] = min($usual[$low], $given[$high]);
            }
        }
        if (isset($given['plate'], $usual['set']) && ! isset($given['set'])) {
            $usual['set'] = min($usual['set'], 0.25 * $given['plate']);
        }

        return [...$usual, ...$given];
    }

    /**
     * @param  array<string, float>  $sizes
     * @param  array<string, float>  $given
     * @return array<string, string> complaint by dimension
     */
    private static function conflicts(array $sizes, array $given, CoverageWords $words): array
    {
        $length = static fn (string $name): string => $words->amount($sizes[$name], DimensionUnit::Length);
        $rules = [
            ['iron', 'width', 'The iron ('.(isset($sizes['iron']) ? $length('iron') : '').') cannot be wider than the body ('.(isset($sizes['width']) ? $length('width') : '').').', ($sizes['iron'] ?? 0) > ($sizes['width'] ?? INF)],
            ['depth', 'length', 'A saw is longer than its plate is deep.', isset($sizes['tpi']) && ($sizes['depth'] ?? 0) > ($sizes['length'] ?? INF)],
            ['smallest', 'largest', 'The smallest cannot be larger than the largest.', ($sizes['smallest'] ?? 0) > ($sizes['largest'] ?? INF)],
            ['iron', 'widest', 'The narrowest iron cannot be wider than the widest.', ($sizes['iron'] ?? 0) > ($sizes['widest'] ?? INF)],
            ['set', 'plate', 'A set of more than half the plate’s thickness breaks teeth.', isset($sizes['set'], $sizes['plate']) && $sizes['set'] > $sizes['plate'] / 2 + 1e-9],
        ];
        $conflicts = [];
        foreach ($rules as [$one, $other, $complaint, $broken]) {
            if ($broken) {
                $conflicts[isset($given[$one]) ? $one : $other] = $complaint;
            }
        }

        return $conflicts;
    }
}
