<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Rounding;
use JackRest\Core\Filing\ScraperBurr;
use JackRest\Core\Filing\ScraperBurrInput;
use JackRest\Core\Filing\ScraperBurrResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** A card scraper as it shall be turned: file, hone, burnish, and how it is then held. */
final readonly class ScraperForm
{
    public const CAUTION = 'Feel for the burr away from the edge, never along it; a burnisher that slips meets the '
        .'hand behind it: clamp the card low. It runs hot: mind the thumbs. Local rules and trained teaching come '
        .'first.';

    private const EDGES = 2;

    private const FILE_STROKES = 6;

    private const STONE_STROKES = 10;

    private const DRAW_PASSES = 4;

    private const PASS_SECONDS = 2.0;

    private function __construct(
        public Form $form,
        public bool $isFiled,
        public ?ScraperBurrResult $burr,
        public float $thicknessMm,
        private int $usesSince,
        private ?float $usesBefore,
    ) {
    }

    /**
     * @param  array<string, string>  $typed
     * @param  bool  $isFiled  whether its edges are filed and honed anew, or the old burr only turned again
     * @param  int  $usesSince  days it was used since it was turned last
     * @param  list<int>  $usesBefore  the same between earlier turnings
     */
    public static function of(
        array $typed,
        bool $isFiled,
        int $usesSince,
        array $usesBefore,
        LengthFormatter $format,
    ): self {
        $form = Form::of(self::fields($format), $typed, $format);
        [$tilt, $free, $thickness] = array_map($form->value(...), ['tilt', 'free', 'thickness']);
        $burr = null;
        if ($tilt !== null) {
            try {
                $burr = (new ScraperBurr())(new ScraperBurrInput($tilt, $free ?? 5.0, thicknessMm: $thickness ?? 0.8));
            } catch (InvalidInput $wrong) {
                $form = $form->refused('tilt', ucfirst($wrong->errors[0]->message).'.');
            }
        }
        sort($usesBefore);
        $middle = intdiv(count($usesBefore), 2);
        $median =
            $usesBefore === []
                ? null
                : (count($usesBefore) % 2 === 1
                    ? (float) $usesBefore[$middle]
                    : ($usesBefore[$middle - 1] + $usesBefore[$middle]) / 2);

        return new self($form, $isFiled, $burr, $thickness ?? 0.8, $usesSince, $median);
    }

    /** @return list<FormField> */
    public static function fields(LengthFormatter $format): array
    {
        $thick = "A card is between {$format->small(0.3)} and {$format->dimension(3)} thick.";

        return [
            new FormField(
                'tilt',
                Quantity::Degrees,
                0,
                45,
                'Tilt of the burnisher',
                complaint: 'A burnisher is tilted between 0° and 45°.',
            ),
            new FormField(
                'free',
                Quantity::Degrees,
                0,
                30,
                'Kept free',
                complaint: 'Between 0° and 30° are kept free behind the burr.',
            ),
            new FormField('thickness', Quantity::Thickness, 0.3, 3, 'Thickness', complaint: $thick),
        ];
    }

    public function isSound(): bool
    {
        return $this->burr !== null && $this->form->isSound();
    }

    /** @return list<FilingStep> */
    public function steps(): array
    {
        if ($this->burr === null) {
            return [];
        }
        $tilt = self::deg($this->burr->burrDeg);
        $filed = ! $this->isFiled
            ? []
            : [
                self::step(
                    'mill file',
                    'Along each long edge, square to the faces.',
                    self::EDGES * self::FILE_STROKES,
                    'strokes',
                    'No gleam of the old burr is left.',
                ),
                self::step(
                    'fine stone',
                    'Each edge upright against a block, then each face flat.',
                    2 * self::EDGES * self::STONE_STROKES,
                    'strokes',
                    'Corners sharp along their whole length.',
                ),
            ];

        return [
            ...$filed,
            self::step(
                'burnisher',
                'Flat on each face, a drop of oil, along the edge: the steel is drawn out.',
                2 * self::EDGES * self::DRAW_PASSES,
                'passes',
                'A slight lip at all four corners.',
            ),
            self::step(
                'burnisher',
                "Level across the edge, then tilted to $tilt, one firm pass after another at all four corners.",
                2 * self::EDGES * $this->burr->passes,
                'passes',
                'A hook that catches a fingernail everywhere.',
            ),
        ];
    }

    public function next(): Advice
    {
        if ($this->burr === null) {
            return new Advice(
                'Say how far you tilt the burnisher.',
                'Ten degrees is usual; the tilt decides how far the scraper must be leaned.',
            );
        }
        $minutes = max(
            1,
            Rounding::up(
                array_sum(array_map(static fn (FilingStep $step): float => $step->seconds, $this->steps())) / 60,
            ),
        );

        return new Advice(
            ($this->isFiled ? 'File, hone, draw out and turn it' : 'Draw it out and turn it again').": $minutes min.",
            "{$this->burr->passes} firm passes at each corner, tilted ".
                self::deg($this->burr->burrDeg).
                '. Then lean it '.
                self::deg($this->burr->leanDeg).
                ' forward; below '.
                self::deg($this->burr->leastLeanDeg).
                ' it does not cut.',
        );
    }

    /** How long a burr lasts, by the days it was used. */
    public function lasts(): string
    {
        $since = $this->usesSince === 1 ? 'one day' : "$this->usesSince days";

        return $this->usesBefore === null
            ? "Used on $since since; how long a burr lasts is told once it was turned twice."
            : "Used on $since since; your burrs last about ".
                    LengthFormatter::decimal($this->usesBefore, 1).
                    ' days of use.'.
                    ($this->usesSince >= $this->usesBefore ? ' It will be due.' : '');
    }

    /** @return list<Explanation> */
    public function how(): array
    {
        return $this->burr === null
            ? []
            : [
                new Explanation(
                    'How far must it lean?',
                    'tilt of the burnisher + angle kept free',
                    self::deg($this->burr->burrDeg).
                        ' + '.
                        self::deg($this->burr->leanDeg - $this->burr->burrDeg).
                        ' = '.
                        self::deg($this->burr->leanDeg),
                    Basis::Published,
                    'geometry',
                ),
                new Explanation(
                    'How many passes?',
                    'burr ÷ what a firm pass turns',
                    "30 µm ÷ 7.5 µm = {$this->burr->passes}",
                    Basis::FromMemory,
                    'from memory; stop when the hook catches',
                ),
            ];
    }

    private static function step(string $tool, string $says, int $count, string $of, string $see): FilingStep
    {
        return new FilingStep($tool, $says, $count, $of, 15.0 + $count * self::PASS_SECONDS, $see);
    }

    private static function deg(float $deg): string
    {
        return LengthFormatter::decimal($deg, 1).'°';
    }
}
