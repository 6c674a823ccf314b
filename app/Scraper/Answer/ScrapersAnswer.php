<?php

declare(strict_types=1);

namespace App\Scraper\Answer;

use App\Http\Answer;
use App\Http\Answer\NamedAnswer;
use JackRest\Core\Calculation\Field;

/** Every scraper. */
final readonly class ScrapersAnswer extends Answer
{
    /**
     * @param  list<NamedAnswer>  $scrapers
     */
    public function __construct(#[Field('scraper by scraper', of: NamedAnswer::class)] public array $scrapers)
    {
    }
}
