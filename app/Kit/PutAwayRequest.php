<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Http\Sent;
use App\Tool\Tool;
use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Calculation\InvalidInput;

final class PutAwayRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['tools' => ['required', 'array', 'list', 'min:1', 'max:500'], 'tools.*' => ['integer']];
    }

    /**
     * @return list<Tool>
     *
     * @throws InvalidInput when one of them does not hang here
     */
    public function tools(Bench $bench): array
    {
        $ids = Sent::ints($this->input('tools'));
        $tools = array_values(Tool::of($bench)->find($ids)->all());
        if (count($tools) !== count($ids)) {
            throw InvalidInput::because('tools', 'One of them does not hang here any more.');
        }

        return $tools;
    }
}
