<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Http\TypedFormRequest;
use Illuminate\Validation\Rule;
use JackRest\Desk\SetOut\SetOutQuestion;

/** What was set out for a work, to be kept with it. */
class KeepSetOutRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'question' => ['required', Rule::enum(SetOutQuestion::class)],
            'name' => ['present', 'nullable', 'string', 'max:60'],
            ...self::figures('typed'),
            'choices' => ['present', 'array'],
            'choices.*' => ['nullable', 'string', 'max:60'],
        ];
    }

    public function question(): SetOutQuestion
    {
        return SetOutQuestion::from($this->string('question')->toString());
    }

    /** @return array<string, string> */
    public function typed(): array
    {
        return $this->typedUnder('typed');
    }

    /** @return array<string, string> what was chosen; nothing of what was left to the work */
    public function choices(): array
    {
        return array_filter($this->typedUnder('choices'), static fn (string $chosen): bool => $chosen !== '');
    }

    /**
     * @return array{
     *     question: SetOutQuestion, name: string, typed: array<string, string>, choices: array<string, string>,
     * }
     */
    public function columns(): array
    {
        return [
            'question' => $this->question(),
            'name' => trim($this->string('name')->toString()),
            'typed' => $this->typed(),
            'choices' => $this->choices(),
        ];
    }
}
