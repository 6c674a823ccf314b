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
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;

/** An edge as far as it has been measured and described: its angle, and the plan for what is wrong with it. */
final readonly class SharpeningForm
{
    public const FIELDS = [
        'bevelLength',
        'thickness',
        'give',
        'nickDepth',
        'backLength',
        'outOfFlat',
        'newAngle',
        'relief',
        'stopUm',
    ];

    /**
     * @param  Form  $form  bevelLength, thickness, give, nickDepth, backLength, outOfFlat, relief, newAngle
     * @param  string|null  $missing  what must be told before there can be a plan
     */
    private function __construct(
        public Form $form,
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
    public static function of(
        Blade $onRecord,
        array $typed,
        ?EdgeNeed $need,
        array $rack,
        LengthFormatter $format,
        SharpeningSchool $school = new SharpeningSchool(),
    ): self {
        $typed += array_fill_keys(self::FIELDS, '');
        $form = EdgeReadings::of($onRecord, $typed, $format);
        $measured = self::measured($form);
        $angle = $measured === null ? null : (new BevelAngle())($measured);
        $blade =
            $measured === null || $angle === null
                ? $onRecord
                : $onRecord->ground(
                    $measured->thicknessMm,
                    $angle->angleDeg,
                    max($onRecord->secondaryDeg, $angle->angleDeg),
                );
        [$task, $plan, $missing] = self::plan($blade, $need, $form, self::stop($typed['stopUm']), $rack, $school);

        return new self($form, $blade, $measured, $angle, $need, $task, $plan, $missing, $format);
    }

    /** How deep its nick was measured; null: it has none, or it was not measured. */
    public function nickMm(): ?float
    {
        return $this->need === EdgeNeed::Nicked ? $this->form->value('nickDepth') : null;
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        return array_values(
            array_filter([
                $this->measured === null || $this->angle === null
                    ? null
                    : EdgeExplained::angle($this->measured, $this->angle, $this->format),
                $this->plan === null ? null : EdgeExplained::strokes($this->plan, $this->format),
            ]),
        );
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

    private static function measured(Form $form): ?BevelAngleInput
    {
        $thickness = $form->value('thickness');
        $bevel = $form->value('bevelLength');

        return $thickness === null || $bevel === null
            ? null
            : new BevelAngleInput($thickness, $bevel, uncertaintyMm: $form->value('give') ?? 0.0);
    }

    /**
     * @param  list<HoningStone>  $rack
     * @return array{SharpeningTask|null, SharpeningPlan|null, string|null}
     */
    private static function plan(
        Blade $blade,
        ?EdgeNeed $need,
        Form $form,
        ?float $stopUm,
        array $rack,
        SharpeningSchool $school,
    ): array {
        if ($need === null) {
            return [null, null, null];
        }
        $missing = self::missing($need, $form);
        if ($missing !== null) {
            return [null, null, $missing];
        }
        try {
            $task = TaskOfEdge::of($blade, $need, $form->values(), $form->value('newAngle'), $school, $stopUm);

            return [$task, SharpeningPlan::for($task, $rack), null];
        } catch (InvalidInput $impossible) {
            return [null, null, ucfirst($impossible->errors[0]->message).'.'];
        }
    }

    private static function missing(EdgeNeed $need, Form $form): ?string
    {
        return match (true) {
            $need === EdgeNeed::Nicked && $form->value('nickDepth') === null => 'Type how deep the nick is: the edge '
                .'must go back that far.',
            $need === EdgeNeed::Bevel && $form->value('newAngle') === null => 'Type the angle the bevel is to have.',
            $need === EdgeNeed::Curve && $form->value('relief') === null => 'Type how far the corners are to stand '
                .'back from the wood.',
            default => null,
        };
    }
}
