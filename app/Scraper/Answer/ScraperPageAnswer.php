<?php

declare(strict_types=1);

namespace App\Scraper\Answer;

use App\Http\Answer;
use App\Saw\Answer\FilingAnswer;
use JackRest\Core\Calculation\Field;

/** A scraper's burr. */
final readonly class ScraperPageAnswer extends Answer
{
    /**
     * @param  list<FilingAnswer>  $turnings
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('the session that is open on it; null: none')] public ?int $running,
        #[Field('when its burr was turned, the newest first', of: FilingAnswer::class)] public array $turnings,
        #[Field('what to beware of')] public string $caution,
    ) {
    }
}
