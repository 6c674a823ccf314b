<?php

declare(strict_types=1);

namespace App\Scraper\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a burr is drawn by. */
final readonly class DrawnBurrAnswer extends Answer
{
    public function __construct(
        #[Field('how far the burr is turned, degrees')] public float $burrDeg,
        #[Field('how far the scraper leans, degrees')] public float $leanDeg,
        #[Field('cutting angle, degrees')] public float $cuttingDeg,
        #[Field('thickness, mm')] public float $thicknessMm,
    ) {
    }
}
