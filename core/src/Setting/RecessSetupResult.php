<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

final readonly class RecessSetupResult
{
    /**
     * @param  list<RecessPass>  $passes
     * @param  list<float>  $starts
     * @param  list<string>  $warnings  values of {@see RecessWarning}
     */
    public function __construct(
        #[Field('what it is called')] public RecessName $name,
        #[Field('width of the iron that cuts it, mm')] public float $ironMm,
        #[Field('where the iron runs, in the order of work', of: RecessPass::class)] public array $passes,
        #[Field('shavings in each pass')] public int $shavingsPerPass,
        #[Field('strokes in all, those of the starts among them')] public int $strokes,
        #[Field('where the first strokes of a pass begin, mm from the near end', of: 'number')] public array $starts,
        #[Field('wood left below it, mm')] public float $leftBelowMm,
        #[Field('what to look out for', of: 'string')] public array $warnings,
    ) {
    }
}
