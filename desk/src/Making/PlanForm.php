<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Form;

/** A plan as far as its sizes were typed; what is not typed, or cannot be, stands at its usual proportion. */
final readonly class PlanForm
{
    /**
     * @param  array<string, float>  $usual  what stands where nothing is typed
     */
    private function __construct(
        public PlanKind $kind,
        public Form $form,
        public array $usual,
        public PlanSizes $sizes,
        public MakingPlan $making,
    ) {
    }

    /** @param  array<string, string>  $typed */
    public static function of(PlanKind $kind, array $typed, LengthFormatter $format): self
    {
        $readings = $usual = [];
        $sizes = new PlanSizes();
        foreach ($kind->fields() as $size) {
            $name = $size->field->name;
            $usual[$name] = ($size->usual)($sizes);
            $readings[$name] = $size->field->expecting($usual[$name])->read($typed[$name] ?? '', $format);
            $sizes = $sizes->with($name, $readings[$name]->value ?? $usual[$name]);
        }
        $making = $kind->of($sizes);
        foreach ($making->wrong($format) as $name => $says) {
            $readings[$name] = $readings[$name]->refused($says);
        }

        return new self($kind, Form::ofReadings($readings), $usual, $sizes, $making);
    }

    public function isSound(): bool
    {
        return $this->form->isSound();
    }

    /** Minutes at the bench, and days that go by between. */
    public function minutes(LengthFormatter $format): int
    {
        return (int) round(
            array_sum(array_map(static fn (MakingStep $step): float => $step->minutes, $this->making->steps($format))),
        );
    }

    public function days(LengthFormatter $format): int
    {
        return (int) ceil(
            array_sum(array_map(static fn (MakingStep $step): float => $step->waitDays, $this->making->steps($format))),
        );
    }
}
