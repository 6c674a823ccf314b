<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\Requests\RecordSquareTestRequest;
use App\Ledger\Changes;
use App\Models\Square;
use App\Models\SquareTest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\SquareForm;

/** A square's test, checked and written down. */
final readonly class SquareTestBook
{
    private SquareForm $sheet;

    /** @throws InvalidInput when a figure is wrong or missing */
    public function __construct(private RecordSquareTestRequest $request, private Square $square, private LengthFormatter $format)
    {
        $this->sheet = $request->sheet($square, $format);
        $this->refuseIncomplete();
    }

    public function takesOff(): bool
    {
        return $this->sheet->next()->takeOff;
    }

    public function sheet(): SquareForm
    {
        return $this->sheet;
    }

    /** @param  bool  $planed  whether the shavings were planed off already */
    public function write(Changes $changes, bool $planed): SquareTest
    {
        $result = $this->sheet->result;
        $metal = $this->request->isMetal($this->square);
        $width = $planed && ! $metal ? $this->sheet->widthLeftMm() : $this->sheet->readings['width']->value;
        $changes->update($this->square, [
            'tested_length_mm' => $this->sheet->test?->bladeLengthMm,
            'line_width_mm' => $this->sheet->test?->lineWidthMm,
            'shaving_mm' => $this->sheet->test?->shavingMm,
            'tolerance_mm' => $this->sheet->test?->toleranceMm,
            'instrument' => $this->request->instrument(),
            'metal' => $metal,
            'least_mm' => $this->sheet->readings['least']->value ?? $this->square->least_mm,
            // What is planed off is gone: the blade grows narrower by it.
            ...($width === null ? [] : ['blade_width_mm' => $width]),
        ], $this->request->version());

        return $changes->create($this->square->tests(), [
            'tested_at' => $this->request->testedAt(),
            'readings' => $this->request->typed(),
            'error_mm' => $result?->errorMm,
            'uncertainty_mm' => $result?->expandedUncertaintyMm,
            'lean' => $result?->lean->value,
            'verdict' => $result?->verdict,
            'edge' => $this->sheet->test?->edge->value,
            // Metal is rubbed, not shaved: nought shavings, and yet corrected.
            'shavings_taken' => $planed ? ($metal ? 0 : $result?->shavings) : null,
            'taken_off_at' => $planed ? $this->end() : null,
        ]);
    }

    public function sentence(bool $planed): string
    {
        $result = $this->sheet->result;
        $taken = match (true) {
            ! $planed => '',
            $this->request->isMetal($this->square) => " Rubbed it down at the {$this->end()}.",
            default => " Took {$result?->shavings} shavings off the {$this->end()}.",
        };

        return "Tested the {$this->square->name}: {$this->format->small(abs($result->errorMm ?? 0.0))} ± {$this->format->small($result->expandedUncertaintyMm ?? 0.0)} out, ".($result?->verdict?->says() ?? 'can’t tell').".$taken";
    }

    public function end(): string
    {
        return $this->sheet->result?->removeAtHeelMm > 0 ? 'heel' : 'tip';
    }

    private function refuseIncomplete(): void
    {
        foreach ([...$this->sheet->readings, 'farGaps' => $this->sheet->farGaps[0]] as $field => $reading) {
            if ($reading->error !== null) {
                throw InvalidInput::because((string) $field, $reading->error);
            }
        }
        foreach (['shaving' => 'Type how thick one shaving is.', 'tolerance' => 'Type what the work can bear.'] as $field => $message) {
            if ($this->sheet->readings[$field]->value === null) {
                throw InvalidInput::because($field, $message);
            }
        }
        if ($this->sheet->result === null) {
            throw InvalidInput::because('farGaps', $this->sheet->objection ?? 'Type the gap at the tip first.');
        }
    }
}
