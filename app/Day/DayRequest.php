<?php

declare(strict_types=1);

namespace App\Day;

use App\Bench\Bench;
use App\Edge\Edge;
use App\Http\Sent;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Collection;
use JackRest\Core\Calculation\InvalidInput;

/** The edges chosen for a sharpening day. */
final class DayRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['edges' => ['array', 'list', 'max:500'], 'edges.*' => ['integer']];
    }

    /**
     * @param  Collection<int, Edge>  $due  taken where none are named
     * @return Collection<int, Edge>
     *
     * @throws InvalidInput when one of them is not kept here
     */
    public function edges(Bench $bench, Collection $due): Collection
    {
        if ($this->input('edges') === null) {
            return $due;
        }
        $ids = Sent::ints($this->input('edges'));
        $edges = Edge::of($bench)->get()->toBase()->whereIn('id', $ids)->values();
        if ($edges->count() < count($ids)) {
            throw InvalidInput::because('edges', 'One of these edges is no longer here. Reload the page.');
        }

        return $edges;
    }
}
