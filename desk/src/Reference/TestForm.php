<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\UncertaintyBudget;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\Reading;

/** A reference's test as far as it has been typed, whatever is tested: what is understood, and what follows so far. */
abstract readonly class TestForm
{
    public float $resolutionMm;

    /** @param  array<string, list<Reading>>  $lists  by the lists' ids */
    protected function __construct(
        public TypedTest $typed,
        public Form $form,
        public array $lists,
        public LengthFormatter $format,
    ) {
        $this->resolutionMm = $typed->resolutionMm($format);
    }

    /** How far it is out, mm, signed; null: not known yet. */
    abstract public function errorMm(): ?float;

    /** What the uncertainty of that is made of (JCGM 100). */
    abstract public function budget(): UncertaintyBudget;

    /** What is known beside the error, in a sentence. */
    abstract public function standing(): string;

    abstract public function next(): Advice;

    /** @return list<Explanation> */
    abstract public function explained(): array;

    /** What was taken off, when what the next stroke asks for is done. */
    abstract public function correction(): Correction;

    /** Expanded uncertainty, for 95 of 100 tests, mm. */
    public function uncertaintyMm(): float
    {
        return $this->budget()->expandedMm();
    }

    /** Null: there is no result, or no tolerance. */
    public function verdict(): ?Verdict
    {
        [$error, $tolerance] = [$this->errorMm(), $this->form->value('tolerance')];

        return $error === null || $tolerance === null ? null : Verdict::of($error, $this->uncertaintyMm(), $tolerance);
    }

    /** The result in a few words, for the diary: 0.16 mm ± 0.05 mm out. */
    public function size(): string
    {
        return "{$this->format->small(abs((float) $this->errorMm()))} ± "
            ."{$this->format->small($this->uncertaintyMm())} out";
    }

    /** What was found, beside its size; null: nothing. */
    public function found(): ?string
    {
        return null;
    }

    /** Which of its several edges was tested, each with a history of its own; empty where it has but one. */
    public function series(): string
    {
        return '';
    }

    /** What does not go together among figures that are each well; null: nothing. */
    public function objection(): ?string
    {
        return null;
    }

    /** @return list<PlaningStep> the strokes of the next correction, as bench mode counts them */
    public function strokes(): array
    {
        return [];
    }

    /** @return list<string> what else is to be said of the result */
    public function lines(): array
    {
        return [];
    }

    /** How thick one shaving was, where the test before was planed after and this one shows what that took, mm. */
    public function learntShavingMm(EarlierTest $before): ?float
    {
        return null;
    }

    /** @return array<string, mixed> what a later test, or its correction at the bench, needs to know of this one */
    public function facts(): array
    {
        return [];
    }

    /** What to say when the test is to be written down and is not whole; null: it is. */
    public function missing(): ?string
    {
        return $this->errorMm() === null || $this->verdict() === null
            ? $this->objection() ?? $this->next()->says
            : null;
    }

    public function isSound(): bool
    {
        return $this->form->isSound() && Form::areSound(array_merge([], ...array_values($this->lists)));
    }

    /** @return array<string, float> the figures that the next test begins with: all but what is read anew each time */
    public function kept(): array
    {
        $kept = [];
        foreach ($this->form->fields as $field) {
            $value = $this->form->value($field->name);
            if (! $field->isReading && $value !== null) {
                $kept[$field->name] = $value;
            }
        }

        return $kept;
    }
}
