<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Filing\AugerCheck;
use JackRest\Core\Filing\AugerCheckInput;
use JackRest\Core\Filing\AugerCheckResult;
use JackRest\Core\Filing\AugerVerdict;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Form\Reading;

/** One bit of a set as far as it was measured: spurs, twist, spur height, a test hole. */
final readonly class AugerBitForm
{
    public const CAUTION = 'Hold a bit by its stem in the vice, lead screw away from the hand; file away from the '
        .'spurs. Local rules and trained teaching come first.';

    /** Strokes on each inside and each cutter for a bit that only wants a touch; from memory. */
    private const STROKES = 3;

    /** A bit measures within this of its name, as a share; beyond it the reading is asked about. */
    private const DOUBT = 0.08;

    private function __construct(
        public float $sizeMm,
        public Form $form,
        public bool $isSharp,
        public ?AugerCheckResult $check,
        private LengthFormatter $format,
    ) {
    }

    /** @return list<FormField> */
    public static function fields(LengthFormatter $format): array
    {
        $length = static fn (string $name, float $most, string $what): FormField => new FormField(
            $name,
            Quantity::Length,
            0.1,
            $most,
            $what,
            complaint: "$what: up to {$format->dimension($most)}.",
        );

        return [
            $length('spurs', 80, 'Across the spurs'),
            $length('twist', 80, 'Across the twist'),
            $length('height', 15, 'The spurs’ height'),
            $length('hole', 300, 'A test hole'),
            new FormField('turns', Quantity::Count, 0, 9999, 'Turns'),
        ];
    }

    /** @param  array<string, string>  $typed */
    public static function of(float $sizeMm, array $typed, bool $isSharp, LengthFormatter $format): self
    {
        $form = Form::of(self::fields($format), $typed, $format);
        foreach (['spurs', 'twist'] as $across) {
            $form = $form->with($across, self::beside($form->readings[$across], $sizeMm, $format));
        }
        [$spurs, $twist, $height, $hole, $turns] = array_map($form->value(...), [
            'spurs',
            'twist',
            'height',
            'hole',
            'turns',
        ]);
        if ($spurs !== null && $twist !== null && $spurs < $twist) {
            $form = $form->doubted(
                'spurs',
                'Narrower than the twist: filed on the outside, it jams in its own hole. Measured rightly?',
            );
        }
        if (($hole === null) !== ($turns === null)) {
            $form =
                $hole === null
                    ? $form->doubted('hole', 'How deep did it go in so many turns?')
                    : $form->doubted('turns', 'In how many turns?');
            [$hole, $turns] = [null, null];
        }
        try {
            $check =
                $spurs === null || $twist === null
                    ? null
                    : (new AugerCheck())(
                        new AugerCheckInput(
                            $spurs,
                            $twist,
                            $height,
                            $hole,
                            $turns === 0.0 ? null : $turns,
                            sharp: $isSharp,
                        ),
                    );
        } catch (InvalidInput) {
            $check = null;
        }

        return new self($sizeMm, $form, $isSharp, $check, $format);
    }

    public function isSound(): bool
    {
        return $this->check !== null && $this->form->isSound();
    }

    public function next(): Advice
    {
        $check = $this->check;
        $name = $this->format->dimension($this->sizeMm).' bit';

        return match (true) {
            $check === null => new Advice(
                "Measure across the spurs of the $name, then across its twist.",
                'A caliper over the spurs’ tips; then over the twist just behind them.',
            ),
            $check->verdict === AugerVerdict::SetAside => new Advice(
                "Set the $name aside.",
                ucfirst($check->reason).'.',
            ),
            $check->verdict === AugerVerdict::Keep => new Advice(
                "Keep the $name as it is.",
                ucfirst($check->reason).'.',
            ),
            default => new Advice(
                'File it: '.
                    self::STROKES.
                    ' strokes inside each spur, '.
                    self::STROKES.
                    ' on each cutter’s upper face.',
                'An auger file with a safe side, its angle as it is. Never the outside, never the cutters’ '
                    .'underside; touch the outside only to lift the burr.',
            ),
        };
    }

    /**
     * How a bit is filed, whatever its size.
     *
     * @return list<FilingStep>
     */
    public static function steps(): array
    {
        $step = static fn (
            string $tool,
            string $says,
            int $count,
            string $of,
            string $see,
        ): FilingStep => new FilingStep($tool, $says, $count, $of, 15.0 + 3.0 * $count, $see);

        return [
            $step(
                'auger file',
                'Inside of each spur in turn, held by its safe side.',
                2 * self::STROKES,
                'strokes',
                'Both spurs bright inside, one as high as the other.',
            ),
            $step(
                'auger file',
                'Upper face of each cutter in turn, at its own angle.',
                2 * self::STROKES,
                'strokes',
                'A bright line along both cutters, one as high as the other.',
            ),
            $step(
                'fine stone',
                'Once along the outside of each spur, flat: the burr only.',
                2,
                'strokes',
                'No burr catches; not wider, not narrower.',
            ),
            $step('brace', 'Bore a test hole and count its turns.', 1, 'hole', 'The rim is cut clean all round.'),
        ];
    }

    /** @return list<string> what was found, a line each */
    public function lines(): array
    {
        $check = $this->check;
        if ($check === null) {
            return [];
        }
        $small = fn (float $mm): string => $this->format->small($mm);

        return array_values(
            array_filter([
                $check->clearanceMm >= 0
                    ? "The spurs clear the twist by {$small($check->clearanceMm)}."
                    : "The spurs are {$small(-$check->clearanceMm)} narrower than the twist.",
                "A turn goes in {$small($check->feedMm)}".
                ($this->form->value('hole') === null
                    ? ', as is usual: bore a test hole and count its turns.'
                    : ', by your test hole.'),
                $check->reachMm === null
                    ? null
                    : ($check->reachMm > 0
                        ? "The spurs reach {$small($check->reachMm)} deeper than that: about {$check->filingsLeft} "
                            .'filings are left.'
                        : 'The spurs reach no deeper than that.'),
            ]),
        );
    }

    private static function beside(Reading $figure, float $sizeMm, LengthFormatter $format): Reading
    {
        return $figure->value === null || abs($figure->value / $sizeMm - 1) <= self::DOUBT
            ? $figure
            : $figure->doubted('Far from '.$format->dimension($sizeMm).': is it this bit?', null);
    }

    /**
     * @param  list<array{diameterMm: float, work: string}>  $holes  that no bit of the set bores
     * @return list<string>
     */
    public static function gaps(array $holes, LengthFormatter $format): array
    {
        $gaps = array_map(
            static fn (array $hole): string => "No bit for the {$format->dimension($hole['diameterMm'])} holes of the "
                ."{$hole['work']}.",
            $holes,
        );

        return array_values(array_unique($gaps));
    }
}
