<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\Requests\RecordStraightTestRequest;
use App\Ledger\Changes;
use App\Models\Straight;
use App\Models\StraightTest;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\StraightedgeForm;

/** A straightedge's test, checked and written down. */
final readonly class StraightTestBook
{
    private StraightedgeForm $sheet;

    /** @throws InvalidInput when a figure is wrong or missing */
    public function __construct(private RecordStraightTestRequest $request, private Straight $straight, private LengthFormatter $format)
    {
        $this->sheet = $request->sheet($straight, $format);
        $this->refuseIncomplete();
    }

    public function sheet(): StraightedgeForm
    {
        return $this->sheet;
    }

    public function takesOff(): bool
    {
        return $this->sheet->next()->takeOff;
    }

    /** @param  bool  $planed  whether the strokes were planed already */
    public function write(Changes $changes, bool $planed): StraightTest
    {
        $readings = $this->sheet->readings;
        $strokes = $planed ? $this->sheet->map()?->passCount : null;
        $height = $planed ? $this->sheet->heightLeftMm() : $readings['height']->value;
        $changes->update($this->straight, [
            'line_width_mm' => $readings['lineWidth']->value ?? 0.0,
            'shaving_mm' => $readings['shaving']->value,
            'tolerance_mm' => $readings['tolerance']->value,
            'flat_to_mm' => $readings['flatTo']->value ?? $this->straight->flat_to_mm,
            'least_mm' => $readings['least']->value ?? $this->straight->least_mm,
            'instrument' => $this->request->instrument(),
            // What is planed off is gone: the wood grows lower by the deepest of it.
            ...($height === null ? [] : ['height_mm' => $height]),
        ], $this->request->version());

        return $changes->create($this->straight->tests(), [
            'tested_at' => Carbon::now()->toIso8601ZuluString(),
            'readings' => [
                ...$this->request->typed(), 'against' => $this->sheet->method->value,
                'stationsMm' => $this->sheet->test?->stationsMm, 'deviationMm' => $this->sheet->result?->deviationMm, 'shavings' => $planed ? $this->sheet->map()?->shavings : null,
            ],
            'straightness_mm' => $this->sheet->result?->straightnessMm,
            'uncertainty_mm' => $this->sheet->uncertaintyMm,
            'shape' => $this->sheet->result?->shape,
            'verdict' => $this->sheet->verdict(),
            'strokes_taken' => $strokes,
        ]);
    }

    public function sentence(bool $planed): string
    {
        $strokes = $planed ? $this->sheet->map()?->passCount : null;
        $taken = $strokes === null ? '' : ($strokes === 1 ? ' Took 1 stroke.' : " Took $strokes strokes.");

        return "Tested the {$this->straight->name}: straight to {$this->format->small($this->sheet->result->straightnessMm ?? 0.0)} ± {$this->format->small($this->sheet->uncertaintyMm)}, ".($this->sheet->verdict()?->says() ?? 'can’t tell').".$taken";
    }

    private function refuseIncomplete(): void
    {
        foreach ($this->sheet->rows as $index => $row) {
            foreach ($row as $name => $reading) {
                if ($reading->error !== null) {
                    throw InvalidInput::because("rows[$index].$name", $reading->error);
                }
            }
        }
        $missing = ['shaving' => 'Type how thick one shaving is.', 'tolerance' => 'Type what the work can bear.'];
        foreach ($this->sheet->readings as $field => $reading) {
            if ($reading->error !== null || ($reading->value === null && isset($missing[$field]))) {
                throw InvalidInput::because($field, $reading->error ?? $missing[$field]);
            }
        }
        if ($this->sheet->result === null) {
            throw InvalidInput::because('rows', $this->sheet->objection ?? 'Type the gap at three places at least, ends included.');
        }
    }
}
