<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\BevelAngle;
use JackRest\Core\Edge\BevelAngleInput;
use JackRest\Core\Edge\BevelAngleResult;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningSchool;
use JackRest\Core\Edge\SharpeningTask;
use JackRest\Core\Edge\TaskOfEdge;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Explanation;
use JackRest\Desk\Measure\Figure;
use JackRest\Desk\Measure\Reading;

/** An edge as far as it has been measured and described: its angle, and the plan for what is wrong with it. */
final readonly class SharpeningForm
{
    public const FIELDS = ['bevelLength', 'thickness', 'give', 'nickDepth', 'backLength', 'outOfFlat', 'newAngle', 'relief', 'stopUm'];

    /**
     * @param  array<string, Reading>  $readings  bevelLength, thickness, give, nickDepth, backLength, outOfFlat, relief
     * @param  string|null  $missing  what must be told before there can be a plan
     */
    private function __construct(
        public array $readings,
        public Figure $newAngle,
        public Blade $blade,
        public ?BevelAngleInput $measured,
        public ?BevelAngleResult $angle,
        public ?EdgeNeed $need,
        public ?SharpeningTask $task,
        public ?SharpeningPlan $plan,
        public ?string $missing,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  array<string, string>  $typed  by the names of FIELDS; what is missing counts as not typed
     * @param  EdgeNeed|null  $need  null: nothing is wrong with it
     * @param  list<HoningStone>  $rack
     */
    public static function of(Blade $onRecord, array $typed, ?EdgeNeed $need, array $rack, LengthFormatter $format, SharpeningSchool $school = new SharpeningSchool): self
    {
        $typed += array_fill_keys(self::FIELDS, '');
        $readings = EdgeReadings::of($onRecord, $typed, $format);
        $newAngle = Figure::of($typed['newAngle'], DimensionUnit::Degrees, $format)->within(10, 60, 'A bevel is between 10° and 60°.');
        $measured = self::measured($readings);
        $angle = $measured === null ? null : (new BevelAngle)($measured);
        $blade = $measured === null || $angle === null ? $onRecord : $onRecord->ground($measured->thicknessMm, $angle->angleDeg, max($onRecord->secondaryDeg, $angle->angleDeg));
        [$task, $plan, $missing] = self::plan($blade, $need, $readings, $newAngle, self::stop($typed['stopUm']), $rack, $school);

        return new self($readings, $newAngle, $blade, $measured, $angle, $need, $task, $plan, $missing, $format);
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        return array_values(array_filter([
            $this->measured === null || $this->angle === null ? null : EdgeExplained::angle($this->measured, $this->angle, $this->format),
            $this->plan === null ? null : EdgeExplained::strokes($this->plan, $this->format),
        ]));
    }

    public function angleSentence(float $onRecordDeg): string
    {
        if ($this->angle === null) {
            return 'On record '.LengthFormatter::decimal($onRecordDeg, 1).'°. Measure it, or go straight on.';
        }
        $difference = $this->angle->angleDeg - $onRecordDeg;
        $told = abs($difference) > 2 * $this->angle->uncertaintyDeg;
        $way = $difference > 0 ? 'steeper' : 'flatter';

        return $told
            ? LengthFormatter::fixed(abs($difference), 1)."° $way than on record."
            : 'That agrees with the '.LengthFormatter::decimal($onRecordDeg, 1).'° on record.';
    }

    private static function stop(string $typed): ?float
    {
        return is_numeric($typed) && (float) $typed > 0 && is_finite((float) $typed) ? (float) $typed : null;
    }

    /** @param  array<string, Reading>  $readings */
    private static function measured(array $readings): ?BevelAngleInput
    {
        $thickness = $readings['thickness']->mm;
        $bevel = $readings['bevelLength']->mm;

        return $thickness === null || $bevel === null ? null : new BevelAngleInput($thickness, $bevel, uncertaintyMm: $readings['give']->mm ?? 0.0);
    }

    /**
     * @param  array<string, Reading>  $readings
     * @param  list<HoningStone>  $rack
     * @return array{SharpeningTask|null, SharpeningPlan|null, string|null}
     */
    private static function plan(Blade $blade, ?EdgeNeed $need, array $readings, Figure $newAngle, ?float $stopUm, array $rack, SharpeningSchool $school): array
    {
        if ($need === null) {
            return [null, null, null];
        }
        $missing = self::missing($need, $readings, $newAngle);
        if ($missing !== null) {
            return [null, null, $missing];
        }
        try {
            $measured = array_map(static fn (Reading $reading): ?float => $reading->mm, $readings);
            $task = TaskOfEdge::of($blade, $need, $measured, $newAngle->value, $school, $stopUm);

            return [$task, SharpeningPlan::for($task, $rack), null];
        } catch (InvalidInput $impossible) {
            return [null, null, ucfirst($impossible->errors[0]->message).'.'];
        }
    }

    /** @param  array<string, Reading>  $readings */
    private static function missing(EdgeNeed $need, array $readings, Figure $newAngle): ?string
    {
        return match (true) {
            $need === EdgeNeed::Nicked && $readings['nickDepth']->mm === null => 'Type how deep the nick is: the edge must go back that far.',
            $need === EdgeNeed::Bevel && $newAngle->value === null => 'Type the angle the bevel is to have.',
            $need === EdgeNeed::Curve && $readings['relief']->mm === null => 'Type how far the corners are to stand back from the wood.',
            default => null,
        };
    }
}
