<?php

declare(strict_types=1);

namespace App\Scraper;

use App\Bench\Bench;
use App\Http\TypedFormRequest;
use App\Tool\Tool;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\ScraperForm;

/** How a scraper shall be turned. */
final class ScraperRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::figures('figures'), 'filed' => ['required', 'boolean']];
    }

    public function form(Bench $bench, Tool $scraper, LengthFormatter $format): ScraperForm
    {
        [$since, $before] = ScrapersOfBench::uses($bench, $scraper);

        return ScraperForm::of($this->typedUnder('figures'), $this->boolean('filed'), $since, $before, $format);
    }
}
