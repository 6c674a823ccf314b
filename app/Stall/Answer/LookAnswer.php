<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Photo\Answer\PhotoAnswer;
use App\Tool\Answer\DimensionAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A look over an old tool. */
final readonly class LookAnswer extends Answer
{
    /**
     * @param  list<LookCheckAnswer>  $checks
     * @param  list<DimensionAnswer>  $dimensions
     * @param  array<string, string>  $sizes
     * @param  array<string, Reading>  $figures
     * @param  list<PriceLineAnswer>  $lines
     * @param  list<PhotoAnswer>  $photos
     * @param  array<string, string>  $complaints
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('which kind it is')] public string $kind,
        #[Field('how it stands', among: ['open', 'bought', 'left'])] public string $state,
        #[Field('the tool\'s number; null: none')] public ?int $toolId,
        #[Field('check by check', of: LookCheckAnswer::class)] public array $checks,
        #[Field('what is measured on it', of: DimensionAnswer::class)] public array $dimensions,
        #[Field('its sizes, by name', of: 'string', keyed: true)] public array $sizes,
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('the check to make next; null: all are made')] public ?string $nextCheck,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('what a good one would cost, as it would be typed')] public string $good,
        #[Field('what an hour is worth, as it would be typed')] public string $perHour,
        #[Field('what is asked for it, as it would be typed')] public string $asked,
        #[Field('what it is worth, ready to be read')] public string $fair,
        #[Field('the most to pay, ready to be read')] public string $most,
        #[Field('the most to pay, as it would be typed; null: not known')] public string $mostTyped,
        #[Field('line by line, ready to be read', of: PriceLineAnswer::class)] public array $lines,
        #[Field('its photographs', of: PhotoAnswer::class)] public array $photos,
        #[Field('what to beware of')] public string $caution,
        #[Field('what is wrong in the fields', of: 'string', keyed: true)] public array $complaints,
    ) {
    }
}
