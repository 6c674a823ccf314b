<?php

declare(strict_types=1);

namespace JackRest\Desk\Season;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\ForecastScore;
use JackRest\Core\Season\Gap;
use JackRest\Core\Season\PieceInShed;
use JackRest\Core\Season\ReferenceForecast;
use JackRest\Core\Season\RestLog;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Form\Reading;

/** The season in a shop: its air, what wood makes of it, and what that does to the references. */
final readonly class SeasonOutlook
{
    /** The wood that is drawn where no thickness is typed, mm: a blade's. */
    public const USUAL_THICKNESS_MM = 12.0;

    /** A night without a reading is nothing to tell. */
    private const GAP_TOLD_DAYS = 3.0;

    public Reading $thickness;

    public PieceInShed $piece;

    public ForecastScore $score;

    /** @param  list<ReferenceForecast>  $forecasts */
    public function __construct(
        public RestLog $log,
        string $thickness,
        private array $forecasts,
        private float $today,
        private LengthFormatter $format,
    ) {
        $this->thickness = (new FormField('thickness', Quantity::Length, 1, 200, 'Thickness'))->read(
            $thickness,
            $format,
        );
        $this->piece = $log->wood($this->thicknessMm());
        $this->score = array_reduce(
            $forecasts,
            static fn (ForecastScore $sum, ReferenceForecast $one): ForecastScore => $sum->and($one->forecast->score),
            ForecastScore::none(),
        );
    }

    public function thicknessMm(): float
    {
        return $this->thickness->value ?? self::USUAL_THICKNESS_MM;
    }

    public function next(): Advice
    {
        $claims = ReferenceForecast::claims($this->forecasts);
        $first = $claims[0] ?? null;

        return match (true) {
            $this->log->isEmpty() => new Advice(
                'Import a log of your shop’s air, or write down what a hygrometer shows.',
                'It tells how moist your wood is, and which reference the season has probably moved.',
            ),
            $first !== null => new Advice(
                count($claims) === 1
                    ? "Test the {$first->name}: the season has probably moved it."
                    : "Test the {$first->name} first: the season has probably moved ".
                        count($claims).
                        ' of your references.',
                (new SeasonForecastWords($first->forecast, $this->format))->says($first->sides),
            ),
            $this->piece->on($this->today) === null => new Advice(
                'Bring the log up to today.',
                'It ends on '.self::day($this->log->lastDay()).': of what came after nothing is claimed.',
            ),
            ! $this->isAnyReckoned() => new Advice(
                $this->forecasts === []
                    ? 'Hang up your squares and straightedges: the season is watched for them.'
                    : 'Nothing can be told of your references yet.',
                $this->forecasts === []
                    ? 'The log is kept meanwhile.'
                    : 'Beside each of them stands what is missing: which wood it is of, or a test.',
            ),
            default => new Advice(
                'The season has moved nothing past your tolerance.',
                'No warning: probably within tolerance. The next check stands at each reference.',
            ),
        };
    }

    private function isAnyReckoned(): bool
    {
        return array_filter(
            $this->forecasts,
            static fn (ReferenceForecast $one): bool => $one->forecast->predicted !== null,
        ) !== [];
    }

    /** @return list<string> */
    public function lines(): array
    {
        if ($this->log->isEmpty()) {
            return [];
        }
        $now = $this->piece->on($this->today);
        $swing = $this->piece->swing();
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1).' %';
        $thick = $this->format->dimension($this->thicknessMm());

        return array_values(
            array_filter([
                $now === null
                    ? null
                    : "Wood $thick thick is at {$pct($now)} today; in this air it would come to rest at ".
                        "{$pct($this->log->lastRest())}.",
                $swing === null
                    ? 'The log is too short yet for a piece of that thickness.'
                    : "Through the log it went from {$pct($swing[0])} to {$pct($swing[1])}.",
                ...array_map(
                    static fn (Gap $gap): string => 'Nothing is known from '.
                        self::day($gap->from).
                        ' to '.
                        self::day($gap->until).
                        '.',
                    $this->log->gaps(self::GAP_TOLD_DAYS),
                ),
            ]),
        );
    }

    /** @return list<Explanation> */
    public function how(): array
    {
        $tau = LengthFormatter::decimal($this->piece->timeConstant, 1);
        $brier = $this->score->brier();

        return [
            new Explanation(
                'How fast does wood follow?',
                '14 days · (thickness ÷ 12 mm)²',
                "14 · ({$this->format->dimension($this->thicknessMm())} ÷ 12 mm)² = $tau days for two thirds of a ".
                    'change',
                Basis::FromMemory,
                'first-order lag; its time constant from memory',
            ),
            new Explanation(
                'When does wood come to rest?',
                'the equilibrium moisture of temperature and humidity',
                'drawn as a thin line',
                Basis::Published,
                'Wood Handbook, USDA Forest Products Laboratory',
            ),
            new Explanation(
                'When is a reference said to have moved?',
                'error = height since its last correction + k · moisture',
                'said where it is more likely than not past your tolerance; k is learnt from its tests, beginning '.
                    'with what its grain allows',
                Basis::Model,
                'linear regression with a normal prior',
            ),
            ...$brier === null
                ? []
                : [
                    new Explanation(
                        'How is it scored?',
                        'before each test: what it would have said from the tests before it and the air until then',
                        (new ForecastScoreWords($this->score))->sentence(),
                        Basis::Model,
                        'tests that could not tell do not count',
                    ),
                    new Explanation(
                        'How good are its chances?',
                        'mean of (chance told − what was so)²',
                        LengthFormatter::decimal($brier, 3).': 0 is a seer, 0.25 a coin',
                        Basis::Published,
                        'G. W. Brier, Monthly Weather Review 78 (1950)',
                    ),
                ],
        ];
    }

    private static function day(float $day): string
    {
        return gmdate('j F Y', (int) ($day * ClimateLine::SECONDS_PER_DAY));
    }
}
