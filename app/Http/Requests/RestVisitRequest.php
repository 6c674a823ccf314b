<?php

declare(strict_types=1);

namespace App\Http\Requests;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\RestReading;
use JackRest\Desk\Measure\Figure;
use JackRest\Desk\Shelf\RestForm;
use LogicException;

/** A blank measured in its rest test. */
final class RestVisitRequest extends TypedSheetRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::figures('figures'), 'version' => ['required', 'integer', 'min:1']];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @throws InvalidInput naming every figure that is wrong or missing */
    public function visit(float $day, LengthFormatter $format): RestReading
    {
        $sheet = new RestForm($this->typedUnder('figures'), $format);
        $missing = array_filter($sheet->figures, static fn (Figure $figure): bool => $figure->value === null);
        SoundSheet::wholeOrRefuse('figures', $sheet->figures, array_map(static fn (Figure $figure): string => 'Measure this too; 0 if there is none.', $missing));

        return $sheet->visit($day) ?? throw new LogicException('a whole sheet has a visit');
    }
}
