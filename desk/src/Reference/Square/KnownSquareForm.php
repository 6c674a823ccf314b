<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\KnownSquare;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Advice;
use JackRest\Desk\Form\Reading;

/** Squares compared one after the other with a known one, as far as the gaps have been typed. */
final readonly class KnownSquareForm
{
    /** @param  list<Compared>  $rows */
    private function __construct(public KnownSquare $known, public array $rows, public LengthFormatter $format)
    {
    }

    /** @param  list<array{name: string, lengthMm: float, toleranceMm: float, gap: string, atTip: bool}>  $typed */
    public static function of(KnownSquare $known, array $typed, Instrument $instrument, LengthFormatter $format): self
    {
        $resolution = $instrument->resolutionMm($format->paperMm, $format->eyeMm);

        return new self(
            $known,
            array_map(static fn (array $row): Compared => self::row($known, $row, $resolution, $format), $typed),
            $format,
        );
    }

    public function next(): Advice
    {
        $wrong = array_filter($this->rows, static fn (Compared $row): bool => $row->gap->error !== null);
        $read = array_filter($this->rows, static fn (Compared $row): bool => $row->errorMm !== null);
        $out = array_filter($read, static fn (Compared $row): bool => $row->verdict === Verdict::Outside);
        $names = implode(', ', array_map(static fn (Compared $row): string => $row->name, $out));

        return match (true) {
            $wrong !== [] => new Advice('Correct the reading marked ✗.', 'Everything else you typed stays as it is.'),
            $read === [] => new Advice(
                'Hold both stocks against one straight edge, outer edges of the blades together. Type the gap where '
                    .'light shows.',
                "One stock to the left, one to the right. What is the {$this->known->name}’s own is taken off.",
            ),
            $out !== [] => new Advice(
                "Outside: $names. Test by turning over, then correct.",
                'This comparison is as good as the known square; its uncertainty is in it.',
            ),
            default => new Advice(
                'Write them down.',
                count($read) === count($this->rows) ? 'All are read.' : 'Those without a gap stay as they were.',
            ),
        };
    }

    /** @param  array{name: string, lengthMm: float, toleranceMm: float, gap: string, atTip: bool}  $row */
    private static function row(KnownSquare $known, array $row, float $resolutionMm, LengthFormatter $format): Compared
    {
        $most = min($known->lengthMm, $row['lengthMm']) / 4;
        $gap = Reading::length($row['gap'], $format)
            ->within(0, INF, 'A gap is 0 or more: say whether it shows at the tip or at the heel.')
            ->within(0, $most, 'A gap is far smaller than the blade. Check the unit.');
        if ($gap->value !== null && rad2deg(atan($gap->value / min($known->lengthMm, $row['lengthMm']))) > 1.0) {
            $gap = $gap->doubted(
                'That wide a gap shows without a test. Is the unit right?',
                $format->typed($gap->value / 25.4),
            );
        }
        if ($gap->value === null) {
            return new Compared($row['name'], $gap, null, 0.0, null);
        }
        $error = $known->errorOfMm($row['atTip'] ? $gap->value : -$gap->value, $row['lengthMm']);
        $uncertainty = $known->uncertaintyOfMm($resolutionMm, $row['lengthMm']);

        return new Compared(
            $row['name'],
            $gap,
            $error,
            $uncertainty,
            Verdict::of($error, $uncertainty, $row['toleranceMm']),
        );
    }
}
