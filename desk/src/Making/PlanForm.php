<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** A plan as far as its sizes were typed; what is not typed, or cannot be, stands at its usual proportion. */
final readonly class PlanForm
{
    /**
     * @param  array<string, Figure>  $figures
     * @param  array<string, float>  $usual  what stands where nothing is typed
     */
    private function __construct(public PlanKind $kind, public array $figures, public array $usual, public PlanSizes $sizes, public MakingPlan $making)
    {
    }

    /** @param  array<string, string>  $typed */
    public static function of(PlanKind $kind, array $typed, LengthFormatter $format): self
    {
        $figures = $usual = [];
        $sizes = new PlanSizes;
        foreach ($kind->fields() as $field) {
            $usual[$field->name] = ($field->usual)($sizes);
            $figures[$field->name] = Figure::of($typed[$field->name] ?? '', $field->unit, $format, $usual[$field->name])->within($field->least, $field->most, self::limits($field, $format));
            $sizes = $sizes->with($field->name, $figures[$field->name]->value ?? $usual[$field->name]);
        }
        $making = $kind->of($sizes);
        foreach ($making->wrong($format) as $name => $says) {
            $figures[$name] = ($figures[$name]->value === null ? Figure::none($figures[$name]->typed) : $figures[$name])->refused($says);
        }

        return new self($kind, $figures, $usual, $sizes, $making);
    }

    public function isSound(): bool
    {
        return array_filter($this->figures, static fn (Figure $figure): bool => $figure->error !== null) === [];
    }

    /** Minutes at the bench, and days that go by between. */
    public function minutes(LengthFormatter $format): int
    {
        return (int) round(array_sum(array_map(static fn (MakingStep $step): float => $step->minutes, $this->making->steps($format))));
    }

    public function days(LengthFormatter $format): int
    {
        return (int) ceil(array_sum(array_map(static fn (MakingStep $step): float => $step->waitDays, $this->making->steps($format))));
    }

    private static function limits(PlanField $field, LengthFormatter $format): string
    {
        $says = $field->unit === \JackRest\Core\Measure\DimensionUnit::Degrees
            ? static fn (float $value): string => LengthFormatter::decimal($value, 0).'°'
            : $format->dimension(...);

        return 'Between '.$says($field->least).' and '.$says($field->most).'.';
    }
}
