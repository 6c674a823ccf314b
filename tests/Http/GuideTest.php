<?php

declare(strict_types=1);

namespace Tests\Http;

use DOMDocument;
use DOMElement;

final class GuideTest extends HttpTestCase
{
    private const SHEET = [
        'name' => 'roller guide',
        'seat' => 'chisel',
        'roller' => '12,7',
        'settings' => [['projection' => '40', 'angle' => '25'], ['projection' => '30', 'angle' => '30']],
        'stops' => ['27.5', ''],
    ];

    private function id(): int
    {
        return $this->ask('GET', '/api/guides')->json('guides.0.id');
    }

    /**
     * Side-clamping guides: 40/30 and 50/38 mm for 25/30° put the axle at nearly the same place (common practice, no
     * source).
     */
    public function test_both_seats_of_the_demo_guide_find_the_same_axle(): void
    {
        $setbacks = array_map(
            fn (array $guide): float => $this->ask(
                'POST',
                '/api/guides/preview',
                array_diff_key($guide, ['id' => 0, 'version' => 0, 'seatLabel' => 0, 'says' => 0]),
            )->json('setbackMm'),
            $this->ask('GET', '/api/guides')->json('guides'),
        );
        self::assertEqualsWithDelta($setbacks[0], $setbacks[1], 0.5);
    }

    public function test_a_guide_is_measured_kept_and_changed(): void
    {
        $this->ask('POST', '/api/guides/preview', self::SHEET)
            ->assertJsonPath('sound', true)
            ->assertJsonCount(1, 'stops');
        $this->ask('POST', '/api/guides', self::SHEET)
            ->assertCreated()
            ->assertJsonPath('guides.2.name', 'roller guide');
        $guide = $this->ask('GET', '/api/guides')->json('guides.2');
        $this->ask('PUT', "/api/guides/{$guide['id']}", [
            ...self::SHEET,
            'stops' => ['30'],
            'version' => 1,
        ])->assertJsonPath('guides.2.stops', ['30']);
        $this->ask('DELETE', "/api/guides/{$guide['id']}", ['version' => 2])->assertOk();
        $this->ask('GET', '/api/guides')->assertJsonCount(2, 'guides');
    }

    public function test_settings_that_tell_nothing_are_refused_in_words(): void
    {
        $same = [
            ...self::SHEET,
            'settings' => [['projection' => '40', 'angle' => '25'], ['projection' => '30', 'angle' => '25']],
        ];
        $this->ask('POST', '/api/guides/preview', $same)->assertJsonPath(
            'next.says',
            'The settings must hold two different angles.',
        );
        $this->ask('POST', '/api/guides', $same)->assertStatus(422)->assertJsonPath('errors.0.field', 'settings');
        $this->ask('POST', '/api/guides', [...self::SHEET, 'roller' => 'thick'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'roller');
    }

    /** The check line of the printed file is 100 mm long, the first stop 40 mm from the board's edge. */
    public function test_the_board_prints_at_true_size_as_svg(): void
    {
        $svg = new DOMDocument();
        self::assertTrue(
            $svg->loadXML(
                (string) $this->get("/api/guides/{$this->id()}/board.svg")
                    ->assertOk()
                    ->getContent(),
            ),
        );
        $root = $svg->documentElement;
        assert($root instanceof DOMElement);
        self::assertSame(
            ['210mm', '297mm', '0 0 210 297'],
            [$root->getAttribute('width'), $root->getAttribute('height'), $root->getAttribute('viewBox')],
        );
        $lines = array_map(
            static fn (DOMElement $line): array => array_map(
                static fn (string $at): float => (float) $line->getAttribute($at),
                ['x1', 'y1', 'x2', 'y2'],
            ),
            iterator_to_array($svg->getElementsByTagName('line')),
        );
        self::assertEqualsWithDelta(100.0, $lines[0][2] - $lines[0][0], 0.2);
        $edge = $lines[3][1];
        self::assertNotSame(
            [],
            array_filter(
                $lines,
                static fn (array $line): bool => abs($line[1] - $edge - 40.0) < 0.08 && $line[1] === $line[3],
            ),
        );
    }

    /** In the file a line is given in points, 72 to the inch: 100 mm are 283.46. */
    public function test_the_board_prints_at_true_size_as_pdf(): void
    {
        $pdf = (string) $this->get("/api/guides/{$this->id()}/board.pdf")
            ->assertOk()
            ->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertMatchesRegularExpression('/MediaBox \[0 0 595\.28 841\.89\]/', $pdf);
        self::assertSame(1, preg_match('/stream\r?\n(.*?)endstream/s', $pdf, $stream));
        $page = (string) @gzuncompress($stream[1] ?? '');
        self::assertSame(1, preg_match('/([\d.]+) ([\d.]+) m ([\d.]+) ([\d.]+) l S/', $page, $line));
        self::assertEqualsWithDelta(100.0, (((float) ($line[3] ?? 0) - (float) ($line[1] ?? 0)) / 72) * 25.4, 0.2);
    }

    public function test_a_guide_without_stops_prints_none(): void
    {
        $this->ask('POST', '/api/guides', [...self::SHEET, 'stops' => []])->assertCreated();
        $id = $this->ask('GET', '/api/guides')->json('guides.2.id');
        $this->get("/api/guides/$id/board.svg")->assertStatus(422);
    }
}
