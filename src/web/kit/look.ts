import type { PrimeVuePTOptions } from 'primevue/config';

/** How a button looks: filled for the one thing a form is for, framed for any other act, a word alone for what leads elsewhere. */
interface ButtonProps {
  readonly severity?: string | undefined;
  readonly outlined?: boolean | undefined;
  readonly text?: boolean | undefined;
}

const buttonClass = ({ severity, outlined, text }: ButtonProps): (string | false)[] => [
  'k-button',
  text ? 'k-word' : outlined ? 'k-framed' : 'k-filled',
  severity === 'danger' && 'k-grave',
];

interface Chosen {
  readonly context: { readonly checked?: boolean; readonly selected?: boolean; readonly focused?: boolean };
}

/**
 * The class names our own style sheet gives to the parts of the library's controls. The library brings behaviour and no look of its own, so
 * that the page needs no style written into it.
 */
export const look: PrimeVuePTOptions = {
  button: {
    root: ({ props }: { props: ButtonProps }) => ({ class: buttonClass(props) }),
    label: 'k-button-label',
    loadingIcon: 'k-busy',
  },
  inputtext: { root: 'k-input' },
  textarea: { root: 'k-input k-area' },
  select: {
    root: 'k-input k-select',
    label: 'k-select-label',
    dropdown: 'k-select-arrow',
    overlay: 'k-overlay',
    listContainer: 'k-list-box',
    list: 'k-list',
    optionGroup: 'k-option-group',
    header: 'k-list-head',
    pcFilter: { root: 'k-input' },
    option: ({ context }: Chosen) => ({
      class: ['k-option', context.selected && 'k-chosen', context.focused && 'k-at'],
    }),
    emptyMessage: 'k-option k-none',
  },
  fileupload: { root: 'k-file' },
  autocomplete: {
    root: 'k-auto',
    pcInputText: { root: 'k-input' },
    overlay: 'k-overlay',
    listContainer: 'k-list-box',
    list: 'k-list',
    option: ({ context }: Chosen) => ({ class: ['k-option', context.focused && 'k-at'] }),
  },
  menu: {
    root: 'k-overlay k-menu',
    list: 'k-list',
    itemContent: 'k-option',
    item: ({ context }: Chosen) => ({ class: [context.focused && 'k-at'] }),
    itemLink: 'k-menu-link',
    separator: 'k-separator',
  },
  checkbox: { root: 'k-check', input: 'k-check-input', box: 'k-check-box', icon: 'k-check-icon' },
  radiobutton: { root: 'k-radio', input: 'k-check-input', box: 'k-radio-box', icon: 'k-radio-icon' },
  password: { root: 'k-password', pcInputText: { root: 'k-input' }, hiddenAccesible: 'unseen' },
  inputnumber: { root: 'k-number', pcInputText: { root: 'k-input' } },
  progressbar: { root: 'k-progress', value: 'k-progress-value', label: 'k-none' },
  selectbutton: {
    root: 'k-choice',
    pcToggleButton: {
      root: ({ context }: { context: { active?: boolean } }) => ({
        class: ['k-choice-one', context.active && 'k-chosen'],
      }),
    },
  },
  datepicker: {
    root: 'k-date',
    pcInputText: { root: 'k-input' },
    dropdown: 'k-date-open',
    panel: 'k-overlay k-calendar',
    header: 'k-calendar-head',
    pcPrevButton: { root: 'k-button k-word' },
    pcNextButton: { root: 'k-button k-word' },
    title: 'k-calendar-title',
    selectMonth: 'k-button k-word',
    selectYear: 'k-button k-word',
    dayView: 'k-days',
    tableHeaderCell: 'k-weekday',
    day: ({
      context,
    }: {
      context: { selected?: boolean; disabled?: boolean; date?: { today?: boolean } };
    }) => ({
      class: [
        'k-day',
        context.selected && 'k-chosen',
        context.disabled && 'k-off',
        context.date?.today && 'k-today',
      ],
    }),
    monthView: 'k-months',
    month: 'k-month',
    yearView: 'k-months',
    year: 'k-month',
  },
  dialog: {
    mask: 'dialog-mask',
    root: 'dialog',
    header: 'dialog-head',
    title: 'dialog-title',
    content: 'dialog-body',
    footer: 'dialog-foot',
  },
  drawer: {
    mask: 'dialog-mask k-drawer-mask',
    root: 'k-drawer',
    header: 'dialog-head',
    title: 'dialog-title',
    content: 'k-drawer-body',
  },
  accordion: { root: 'k-folds' },
  accordionpanel: { root: 'k-fold' },
  accordionheader: { root: 'k-fold-head' },
  accordioncontent: { content: 'k-fold-body' },
  tabs: { root: 'k-tabs' },
  tablist: { root: 'k-tablist', content: 'k-tablist-content', tabList: 'k-tablist-row', activeBar: 'k-none' },
  tab: {
    root: ({ context }: { context: { active?: boolean } }) => ({
      class: ['k-tab', context.active && 'k-here'],
    }),
  },
  tabpanels: { root: 'k-tabpanels' },
  datatable: {
    root: 'k-table',
    tableContainer: 'k-table-box',
    table: 'k-table-grid',
    headerRow: 'k-table-head',
    rowExpansionCell: 'k-table-opened',
    column: {
      headerCell: 'k-table-th',
      columnHeaderContent: 'k-table-sort',
      bodyCell: 'k-table-td',
      sort: 'k-table-arrow',
    },
    emptyMessageCell: 'k-table-td',
  },
  toast: { root: 'k-toasts', message: 'k-toast', messageContent: 'k-toast-content' },
  message: { root: 'notice', content: 'k-message', text: 'k-message-text' },
  popover: { root: 'k-overlay', content: 'k-popover' },
  skeleton: { root: 'k-skeleton' },
};
