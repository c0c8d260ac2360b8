import { Select, type SelectProps } from 'antd';

/**
 * A choice from a list; the list that opens carries the same name as the field. While the options
 * are on their way there is nothing to choose from, and nothing that is typed gets lost.
 */
export function Choice<Value>(props: SelectProps<Value> & { 'aria-label': string }) {
  const label = props['aria-label'];
  const waits = props.options === undefined;
  return (
    <Select<Value>
      popupMatchSelectWidth={false}
      loading={waits}
      disabled={waits}
      {...props}
      popupRender={(menu) => (
        <div
          ref={(node) => {
            node?.querySelector('[role=listbox]')?.setAttribute('aria-label', label);
          }}
        >
          {menu}
        </div>
      )}
    />
  );
}
