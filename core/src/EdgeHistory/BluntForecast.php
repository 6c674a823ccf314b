<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Measure\Normal;

/** How long a span will be: a logarithm that is normal about a mean. */
final readonly class BluntForecast
{
    public function __construct(public float $logMean, public float $logSpread)
    {
    }

    /** Length below which a share of such spans ends. */
    public function quantile(float $share): float
    {
        return exp($this->logMean + $this->logSpread * Normal::quantile($share));
    }

    /** Length below which it ends with this chance, given that it has already lasted so long. */
    public function quantileAfter(float $share, float $lasted): float
    {
        $gone = $this->endsBefore($lasted);
        // It has outlived all reason: it may end at any moment.
        if ($gone > 1 - 1e-9) {
            return $lasted;
        }

        return max($lasted, $this->quantile($gone + $share * (1 - $gone)));
    }

    /** Chance that it ends within so much more, given that it has already lasted so long. */
    public function chanceWithin(float $more, float $lasted): float
    {
        $gone = $this->endsBefore($lasted);

        return $gone > 1 - 1e-9 ? 1.0 : ($this->endsBefore($lasted + $more) - $gone) / (1 - $gone);
    }

    private function endsBefore(float $length): float
    {
        return $length <= 0.0 ? 0.0 : Normal::below((log($length) - $this->logMean) / $this->logSpread);
    }
}
