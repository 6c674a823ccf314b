<?php

declare(strict_types=1);

namespace App\Reference;

use App\Ledger\Changes;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Reference\Choice;
use JackRest\Desk\Reference\TestForm;

/** A reference's test, checked and written down, whatever is tested. */
final readonly class TestRecorder
{
    /** @throws InvalidInput when a figure is wrong or missing */
    public function __construct(private Reference $reference, public TestForm $form, private LengthFormatter $format)
    {
        $form->form->soundOrRefuse('figures');
        foreach ($form->lists as $id => $readings) {
            self::refuseWrong($id, $readings);
        }
        $missing = $form->missing();
        if ($missing !== null) {
            throw InvalidInput::because('figures', $missing);
        }
    }

    /** @param  bool  $planed  whether what it asks for was taken off already */
    public function write(Changes $changes, int $version, bool $planed): ReferenceTest
    {
        $form = $this->form;
        $correction = $planed && $form->next()->takeOff ? $form->correction() : null;
        $choices = array_intersect_key($form->typed->choices, $this->keptChoices());
        $changes->update(
            $this->reference,
            [
                'sizes' => [...$this->reference->sizes, ...$form->kept(), ...$correction->sizes ?? []],
                'choices' => [...$this->reference->choices, ...$choices],
                'instrument' => $form->typed->instrument,
            ],
            $version,
        );

        return $changes->create($this->reference->tests(), [
            'tested_at' => $changes->at->toIso8601ZuluString(),
            'series' => $form->series(),
            'readings' => $form->typed->toArray(),
            'facts' => $form->facts(),
            'error_mm' => $form->errorMm(),
            'uncertainty_mm' => $form->uncertaintyMm(),
            'verdict' => $form->verdict(),
            'found' => $form->found(),
            ...$correction === null ? [] : ReferenceTest::corrected($correction, $form->facts()),
        ]);
    }

    public function sentence(bool $planed): string
    {
        $form = $this->form;
        $did = $planed && $form->next()->takeOff ? ' '.$form->correction()->did : '';

        return "Tested the {$this->reference->name}: {$form->size()}, ".
            ($form->verdict()?->says() ?? 'can’t tell').
            ".$did";
    }

    /** @return array<string, true> choices that stay as they are until they are changed */
    private function keptChoices(): array
    {
        $kept = [];
        foreach ($this->reference->kind->reference()->asks($this->reference->sizesNow(), $this->format) as $asked) {
            if ($asked instanceof Choice && ! $asked->isReading) {
                $kept[$asked->name] = true;
            }
        }

        return $kept;
    }

    /** @param  list<Reading>  $readings */
    private static function refuseWrong(string $id, array $readings): void
    {
        foreach ($readings as $index => $reading) {
            if ($reading->error !== null) {
                throw InvalidInput::because("lists.{$id}[$index]", $reading->error);
            }
        }
    }
}
