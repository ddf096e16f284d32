<?php

declare(strict_types=1);

namespace Facelift\Anatomy\Internal;

use Facelift\Anatomy\MemoryChip;
use Facelift\Anatomy\Notice;
use Facelift\Anatomy\Panel;
use Facelift\Anatomy\PanelMemory;
use Facelift\Anatomy\PanelTechnology;
use Facelift\Anatomy\PhoneFunction;
use Facelift\Calibration\LayoutFormat;
use Facelift\Document\Node;

/**
 * Reads what a phone file says of the panel that the phone was built with.
 *
 * @internal
 */
final readonly class PanelReader
{
    public function read(Node $n): Panel
    {
        $n->only(
            'technology',
            'connectorCode',
            'memory',
            'calibration',
            'notice',
            'noticeDays',
            'flexNeeded',
            'readerUnderDisplay',
            'refresh',
            'testExtension',
        );
        $memory = $n->flag('memory');
        $data = $n->optionalNode('calibration');
        if ($data !== null && !$memory) {
            $n->fault('calibration', 'is only of a panel with a memory');
        }

        return new Panel(
            $n->enum('technology', PanelTechnology::class),
            $n->string('connectorCode'),
            $memory,
            $n->enum('notice', Notice::class),
            $n->number('flexNeeded', 0, 300),
            $n->flag('readerUnderDisplay'),
            $n->int('refresh', 30, 500),
            $n->optionalNumber('testExtension', 5, 300) ?? 0.0,
            $n->has('noticeDays') ? $n->int('noticeDays', 1, 365) : 0,
            $data === null ? null : $this->memory($data),
        );
    }

    private function memory(Node $n): PanelMemory
    {
        $serves = $n->only('layout', 'ownSupply', 'serves', 'chip')->enums('serves', PhoneFunction::class);
        $layout = (new LayoutFormat())->read($n->node('layout'));
        $chip = $n->optionalNode('chip');
        if ($serves === []) {
            $n->fault('serves', 'must name at least one function');
        }

        return new PanelMemory(
            $layout,
            $n->flag('ownSupply'),
            $serves === [] ? [PhoneFunction::ColourAdapting] : $serves,
            $chip === null ? null : $this->chip($chip),
        );
    }

    private function chip(Node $n): MemoryChip
    {
        $n->only(
            'name',
            'width',
            'height',
            'thickness',
            'balls',
            'pitch',
            'flex',
            'gap',
            'beside',
            'carriesNotice',
        );

        return new MemoryChip(
            $n->string('name'),
            $n->number('width', 0.5, 20),
            $n->number('height', 0.5, 20),
            $n->number('thickness', 0.1, 3),
            $n->int('balls', 4, 500),
            $n->number('pitch', 0.2, 2),
            $n->number('flex', 0.05, 2),
            $n->number('gap', 0, 5),
            $n->number('beside', 0, 50),
            $n->flag('carriesNotice'),
        );
    }
}
