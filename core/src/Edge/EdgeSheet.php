<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Explained;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\Reading;

/** An edge as far as it has been measured and described: its angle, and the plan for what is wrong with it. */
final readonly class EdgeSheet
{
    /**
     * @param  array<string, Reading>  $readings  bevelLength, thickness, give, nickDepth
     * @param  string|null  $missing  what must be told before there can be a plan
     */
    private function __construct(
        public array $readings,
        public Blade $blade,
        public ?BevelAngleInput $measured,
        public ?BevelAngleResult $angle,
        public ?EdgeCondition $condition,
        public ?SharpeningPlan $plan,
        public ?string $missing,
        public LengthFormatter $format,
    ) {
    }

    /**
     * @param  array{bevelLength: string, thickness: string, give: string, nickDepth: string}  $typed
     * @param  EdgeCondition|null  $condition  null: nothing is wrong with it
     * @param  list<Stone>  $stones
     */
    public static function of(Blade $onRecord, array $typed, ?EdgeCondition $condition, array $stones, LengthFormatter $format): self
    {
        $readings = self::readings($onRecord, $typed, $format);
        $measured = self::measured($readings);
        $angle = $measured === null ? null : (new BevelAngle)($measured);
        $blade = self::blade($onRecord, $measured, $angle);
        [$plan, $missing] = self::plan($blade, $condition, $readings['nickDepth'], $stones);

        return new self($readings, $blade, $measured, $angle, $condition, $plan, $missing, $format);
    }

    /** @return list<Explained> */
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

    /**
     * @param  array{bevelLength: string, thickness: string, give: string, nickDepth: string}  $typed
     * @return array<string, Reading>
     */
    private static function readings(Blade $onRecord, array $typed, LengthFormatter $format): array
    {
        $thickness = Reading::of($typed['thickness'], $format)->beside($onRecord->thicknessMm, $format)->within(0.3, 20, 'A blade is between 0.3 and 20 mm thick.');
        $thick = $thickness->mm ?? $onRecord->thicknessMm;
        $bevel = Reading::of($typed['bevelLength'], $format)
            ->beside($onRecord->bevelLengthMm(), $format)
            ->within($thick + 1e-9, 100, "The bevel must be longer than the blade is thick ({$format->dimension($thick)}).");

        return [
            'thickness' => $thickness,
            'bevelLength' => self::steepOrFlat($bevel, $thick),
            'give' => Reading::of($typed['give'], $format)->within(0, 1, 'A length is read to better than 1 mm.'),
            'nickDepth' => Reading::of($typed['nickDepth'], $format)->within(0.001, 5, 'A nick is between 0.001 and 5 mm deep.'),
        ];
    }

    private static function steepOrFlat(Reading $bevel, float $thicknessMm): Reading
    {
        if ($bevel->mm === null || $bevel->doubt !== null) {
            return $bevel;
        }
        $deg = rad2deg(asin(min(1.0, $thicknessMm / $bevel->mm)));

        return $deg < 10 || $deg > 60
            ? $bevel->doubted('That makes the bevel '.LengthFormatter::fixed($deg, 0).'°. Edge to heel along the bevel, is it?')
            : $bevel;
    }

    /** @param  array<string, Reading>  $readings */
    private static function measured(array $readings): ?BevelAngleInput
    {
        $thickness = $readings['thickness']->mm;
        $bevel = $readings['bevelLength']->mm;

        return $thickness === null || $bevel === null ? null : new BevelAngleInput($thickness, $bevel, uncertaintyMm: $readings['give']->mm ?? 0.0);
    }

    private static function blade(Blade $onRecord, ?BevelAngleInput $measured, ?BevelAngleResult $angle): Blade
    {
        return $measured === null || $angle === null ? $onRecord : new Blade(
            $onRecord->widthMm,
            $measured->thicknessMm,
            $angle->angleDeg,
            max($onRecord->secondaryDeg, $angle->angleDeg),
            $onRecord->microWidthMm,
            $onRecord->finishUm,
        );
    }

    /**
     * @param  list<Stone>  $stones
     * @return array{SharpeningPlan|null, string|null}
     */
    private static function plan(Blade $blade, ?EdgeCondition $condition, Reading $nick, array $stones): array
    {
        if ($condition === null) {
            return [null, null];
        }
        if ($condition === EdgeCondition::Nicked && $nick->mm === null) {
            return [null, 'Type how deep the nick is: the edge must go back that far.'];
        }
        if ($stones === []) {
            return [null, 'There is no stone in your rack yet.'];
        }
        try {
            return [SharpeningPlan::for($blade, new EdgeStateInput(
                $condition,
                $blade->widthMm,
                $blade->thicknessMm,
                $blade->primaryDeg,
                $blade->secondaryDeg,
                $condition === EdgeCondition::FreshGrind ? 0.0 : $blade->microWidthMm,
                $condition === EdgeCondition::Nicked ? $nick->mm : null,
            ), $stones), null];
        } catch (InvalidInput $impossible) {
            return [null, ucfirst($impossible->errors[0]->message).'.'];
        }
    }
}
