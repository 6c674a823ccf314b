<?php

declare(strict_types=1);

namespace Tests\Http;

final class SlopeTest extends HttpTestCase
{
    private const SHEET = ['nominal' => '1:7', 'run' => '70', 'rise' => '10.2', 'turned' => '9.8', 'thickness' => '22', 'joints' => '8', 'tolerance' => '0.1'];

    public function test_a_template_both_ways_round(): void
    {
        $this->ask('POST', '/api/slope/preview', self::SHEET)->assertOk()->assertJsonPath('result.ratio', '7')->assertJsonPath('result.lean', '0.16°')->assertJsonPath('next.says', 'Use it: each tail is within 0.10 mm.');
    }

    public function test_a_wrong_figure_stands_beside_its_field(): void
    {
        self::assertSame('Type a slope such as 7 or 1:7.', $this->ask('POST', '/api/slope/preview', [...self::SHEET, 'nominal' => 'steep'])->assertOk()->assertJsonPath('result', null)->json('figures.nominal.error'));
    }
}
