<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\TypedFormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Timber\Hardness;

/** The readings of a question of fit. */
final class FitRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::figures('typed'), 'hardness' => ['required', Rule::enum(Hardness::class)]];
    }

    /** @return array<string, string> */
    public function typed(): array
    {
        return $this->typedUnder('typed');
    }

    public function hardness(): Hardness
    {
        return Hardness::from($this->string('hardness')->toString());
    }
}
