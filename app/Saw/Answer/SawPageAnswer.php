<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** A saw's teeth. */
final readonly class SawPageAnswer extends Answer
{
    /**
     * @param  array<string, string>  $figures
     * @param  list<SawUseAnswer>  $uses
     * @param  list<WordAnswer>  $states
     * @param  list<FilingAnswer>  $filings
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('the school\'s answer that decides; null: none')] public ?string $school,
        #[Field('the figures, by name', of: 'string', keyed: true)] public array $figures,
        #[Field('what it is used for')] public string $use,
        #[Field('whether its teeth are hardened and cannot be filed')] public bool $hardened,
        #[Field('what it can be used for', of: SawUseAnswer::class)] public array $uses,
        #[Field('how it can be', of: WordAnswer::class)] public array $states,
        #[Field('the session that is open on it; null: none')] public ?int $running,
        #[Field('when it was filed, the newest first', of: FilingAnswer::class)] public array $filings,
        #[Field('what to beware of')] public string $caution,
    ) {
    }
}
